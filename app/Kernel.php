<?php

declare(strict_types=1);

namespace FoxCorner\App;

use Symfony\Bundle\FrameworkBundle\Kernel\MicroKernelTrait;
use Symfony\Component\HttpKernel\Kernel as BaseKernel;

final class Kernel extends BaseKernel
{
    use MicroKernelTrait;

    public function getCacheDir(): string
    {
        return $this->runDir() . '/cache/' . $this->environment;
    }

    public function getLogDir(): string
    {
        return $this->runDir() . '/log';
    }

    /** Where one running instance keeps what it writes: the started one and the tested one must not share. */
    private function runDir(): string
    {
        $dir = $_SERVER['FOX_RUN_DIR'] ?? null;

        return \is_string($dir) && '' !== $dir ? $dir : $this->getProjectDir() . '/var/console';
    }
}
