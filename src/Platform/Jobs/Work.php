<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Jobs;

use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;

/** A kind of work that takes longer than a page should wait. */
#[AutoconfigureTag]
interface Work
{
    /** One word that the job is kept with. */
    public function kind(): string;

    /**
     * @param string                           $file     what it is about; empty where it is about none
     * @param callable(int, int, string): void $progress how far it is, of how much, and what is being done
     *
     * @throws SaidToParent when it cannot be done; then nothing was changed
     */
    public function carryOut(string $file, callable $progress): Finished;

    /** What is said when it failed for a reason of our own. */
    public function failed(): string;
}
