<?php

declare(strict_types=1);

namespace Pindle\App\Platform;

use Symfony\Bundle\FrameworkBundle\Kernel\MicroKernelTrait;
use Symfony\Component\HttpKernel\Kernel as BaseKernel;

final class Kernel extends BaseKernel
{
    use MicroKernelTrait;

    /** Where another user than the one who built it runs it, compiled files are that user's own. */
    public function getCacheDir(): string
    {
        $folder = $_SERVER['PINDLE_CACHE'] ?? '';

        return \is_string($folder) && '' !== $folder ? $folder.'/'.$this->environment : parent::getCacheDir();
    }
}
