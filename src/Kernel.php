<?php

declare(strict_types=1);

namespace MoltenNotes\App;

use Symfony\Bundle\FrameworkBundle\Kernel\MicroKernelTrait;
use Symfony\Component\HttpKernel\Kernel as BaseKernel;

final class Kernel extends BaseKernel
{
    use MicroKernelTrait;

    public function getProjectDir(): string
    {
        return dirname(__DIR__);
    }

    public function getCacheDir(): string
    {
        return $this->varDir().'/cache/'.$this->environment;
    }

    public function getLogDir(): string
    {
        return $this->varDir().'/log';
    }

    /** Each start and each test run keeps its own files apart. */
    private function varDir(): string
    {
        $told = $_SERVER['MOLTEN_VAR_DIR'] ?? getenv('MOLTEN_VAR_DIR');

        return is_string($told) && '' !== $told ? $told : $this->getProjectDir().'/var';
    }
}
