<?php

declare(strict_types=1);

namespace FoxCorner\App;

use FoxCorner\App\Shared\Kept\Edition;
use Symfony\Bundle\FrameworkBundle\Kernel\MicroKernelTrait;
use Symfony\Component\Config\Resource\DirectoryResource;
use Symfony\Component\DependencyInjection\ContainerBuilder;
use Symfony\Component\HttpKernel\Kernel as BaseKernel;

final class Kernel extends BaseKernel
{
    use MicroKernelTrait;

    /** Days and hours are those of the house's zone. */
    public function boot(): void
    {
        $zone = $_SERVER['FOX_TIME_ZONE'] ?? null;
        if (\is_string($zone) && '' !== $zone) {
            date_default_timezone_set($zone);
        }
        parent::boot();
    }

    protected function build(ContainerBuilder $container): void
    {
        $container->setParameter('fox.edition', Edition::of($this->getProjectDir()));
        foreach (Edition::TREES as $tree) {
            $container->addResource(new DirectoryResource($this->getProjectDir() . "/$tree"));
        }
    }

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
