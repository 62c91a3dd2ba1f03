<?php

declare(strict_types=1);

// Loaded once when php-fpm starts (opcache.preload): what every request needs is then in place, linked, and costs nothing.
// Symfony names its own; Doctrine's and ours are compiled file by file. What cannot be linked is simply loaded later, when it is asked for.

/** @var string|false $cache */
$cache = getenv('MOLTEN_PRELOAD_CACHE');
foreach (false === $cache ? [] : (glob($cache.'/*.preload.php') ?: []) as $file) {
    require_once $file;
}
$root = dirname(__DIR__);
$folders = [
    'core', 'src', 'vendor/doctrine/dbal/src', 'vendor/doctrine/orm/src', 'vendor/doctrine/persistence/src',
    'vendor/doctrine/collections/src',
    'vendor/doctrine/instantiator/src', 'vendor/doctrine/inflector/src', 'vendor/doctrine/event-manager/src', 'vendor/symfony/type-info',
    'vendor/symfony/doctrine-bridge/Types', 'vendor/symfony/security-http', 'vendor/symfony/security-core', 'vendor/symfony/var-exporter',
    'vendor/symfony/cache/Adapter',
];
foreach ($folders as $folder) {
    if (!is_dir("{$root}/{$folder}")) {
        continue;
    }
    $within = new RecursiveDirectoryIterator("{$root}/{$folder}", FilesystemIterator::SKIP_DOTS);
    /** @var SplFileInfo $file */
    foreach (new RecursiveIteratorIterator($within) as $file) {
        $left = 1 === preg_match('~/(Tests|Resources|Tools|Command|Console|Data|Demo)/~', $file->getPathname());
        if (!$left && 'php' === $file->getExtension()) {
            opcache_compile_file($file->getPathname());
        }
    }
}
