<?php

declare(strict_types=1);

namespace Pindle\App\Views;

use Pindle\App\Platform\Jobs\JobState;

/** How far a piece of long work is. */
final readonly class JobView
{
    /** @param string|null $file name of the file that came of it */
    public function __construct(
        public string $id,
        public JobState $state,
        public int $step,
        public int $steps,
        public string $said,
        public ?string $file,
    ) {
    }

    /** @param array{id: string, state: string, step: int, steps: int, said: string, made_file: string|null} $job */
    public static function of(array $job): self
    {
        return new self($job['id'], JobState::from($job['state']), $job['step'], $job['steps'], $job['said'], $job['made_file']);
    }
}
