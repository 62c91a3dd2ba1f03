<?php

declare(strict_types=1);

return (new PhpCsFixer\Config())
    ->setRiskyAllowed(true)
    ->setUnsupportedPhpVersionAllowed(true)
    ->setCacheFile('var/.php-cs-fixer.cache')
    ->setRules([
        '@Symfony' => true,
        // In columns, one long type would push every line of a comment beyond the page.
        'phpdoc_align' => ['align' => 'left'],
        '@Symfony:risky' => true,
        '@PHP82Migration' => true,
        'declare_strict_types' => true,
        'native_function_invocation' => false,
        'php_unit_method_casing' => true,
        'phpdoc_to_comment' => false,
        'phpdoc_separation' => false,
        'yoda_style' => true,
        'single_line_throw' => false,
        'concat_space' => ['spacing' => 'none'],
        'nullable_type_declaration_for_default_null_value' => true,
    ])
    ->setFinder(PhpCsFixer\Finder::create()->in(['core', 'src', 'tests', 'config', 'migrations', 'public', 'tools'])->exclude('symfony')->notPath('~^symfony/~')->notName('reference.php'));
