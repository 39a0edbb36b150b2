<?php

declare(strict_types=1);

namespace Pindle\App\Record;

use Pindle\App\Household\Children;
use Pindle\App\Platform\Clock;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Style\SymfonyStyle;

#[AsCommand('pindle:record', 'Makes the kept record of every child anew from the evidence, and says where the two were not equal.')]
final class RecordCommand
{
    public function __construct(
        private readonly Children $children,
        private readonly Evidence $evidence,
        private readonly Records $records,
        private readonly Clock $clock,
    ) {
    }

    public function __invoke(SymfonyStyle $io): int
    {
        $differ = 0;
        foreach ($this->children->present($this->clock->today()) as $child) {
            $kept = $this->evidence->record($child);
            $replayed = $this->records->rebuild($child);
            $wrong = array_filter(
                array_keys($replayed->states() + $kept->states()),
                static fn (string $stepId): bool => StateCodec::write($replayed->state($stepId)) !== StateCodec::write($kept->state($stepId)),
            );
            if (StateCodec::writeSittings($replayed->lastSittings) !== StateCodec::writeSittings($kept->lastSittings)) {
                $wrong[] = 'the last sittings';
            }
            $io->writeln(\sprintf(
                '  %s: %d steps, %s',
                $child->name,
                \count($replayed->states()),
                [] === $wrong ? 'equal' : 'not equal at '.implode(', ', $wrong),
            ));
            $differ += \count($wrong);
        }

        return 0 === $differ ? Command::SUCCESS : Command::FAILURE;
    }
}
