<?php

/* Symfony, put together by hand from the parts this program uses. */

declare(strict_types=1);

namespace App;

use Symfony\Bundle\FrameworkBundle\Kernel\MicroKernelTrait;
use Symfony\Component\DependencyInjection\ContainerBuilder;
use Symfony\Component\Finder\Finder;
use Symfony\Component\HttpKernel\Kernel as BaseKernel;

final class Kernel extends BaseKernel
{
    use MicroKernelTrait;

    protected function build(ContainerBuilder $container): void
    {
        $container->setParameter('program', self::program(\dirname(__DIR__)));
    }

    /** Tells one state of the code that works books out from another. */
    private static function program(string $root): string
    {
        $all = hash_init('xxh128');
        foreach (Finder::create()->files()->in("$root/core")->name('*.php')->sortByName() as $file) {
            hash_update($all, $file->getRelativePathname().$file->getContents());
        }

        return hash_final($all);
    }

    public function getProjectDir(): string
    {
        return \dirname(__DIR__);
    }
}
