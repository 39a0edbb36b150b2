<?php

declare(strict_types=1);

namespace Pindle\App\Demo;

use Doctrine\ORM\EntityManagerInterface;
use Pindle\App\Plan\DayEntity;
use Pindle\App\Platform\Clock;
use Pindle\App\Record\Evidence;
use Pindle\App\Record\Photographs;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Child\Child;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Evidence\Witness;
use Symfony\Component\Uid\Uuid;

/** What the parent of the sample household wrote down beside the sittings, and a few photographs of what lay on the table: drawn, of nobody. */
final readonly class DemoJournal
{
    private const DEVICE = '0197a000-0000-7000-8000-0000000000de';

    /** Days back, whose it is (by place), step, how it went, in the parent's own words. */
    private const SEEN = [
        [3, 0, 'add-quick@10', Outcome::AtOnce, 'Paid for two ropes at the lock shop: “five and three, eight.” No fingers.'],
        [9, 1, 'touch-count@10', Outcome::AtOnce, 'Counted the ducklings twice, and it was nine both times.'],
        [13, 2, 'say-count@3', Outcome::WithHelp, '“One, two, three” down the ladder, with a hand to hold.'],
        [24, 1, 'more-fewer-same@5', Outcome::WorkedItOut, 'Shared out the last pasta tubes: “You have more, Maren.”'],
        [38, 0, 'to-ten@10', Outcome::WorkedItOut, 'Set the table for ten at the quay: “six are out, four to go.”'],
    ];

    /** Days back, what was done instead, and with whom. */
    private const INSTEAD = [
        [6, 'Sorted the mooring pebbles by size along the towpath', [0, 1]],
        [17, 'Weighed flour for the birthday bread', [1, 2]],
    ];

    /** Days back, what is to be seen, whom it is of, what is drawn and how many. */
    private const PHOTOGRAPHS = [
        [2, 'Eight corks: five and three', [0], 'row', 8],
        [6, 'The pebbles, small to large', [0, 1], 'stairs', 9],
        [9, 'Nine bottle caps by threes', [1], 'rows', 9],
        [13, 'Cups for everyone', [], 'pairs', 6],
        [30, 'Ten and two more', [0], 'row', 12],
    ];

    public function __construct(private Evidence $evidence, private Photographs $photographs, private EntityManagerInterface $entities, private Clock $clock)
    {
    }

    /** @param array<int, Child> $children by place */
    public function write(array $children): void
    {
        $today = $this->clock->today();
        $childIds = static fn (array $places): array => array_values(array_map(static fn (int $place): string => $children[$place]->id, $places));
        foreach (self::SEEN as $i => [$back, $place, $step, $outcome, $words]) {
            $day = $today->plusDays(-$back);
            $this->evidence->keepNote(
                new Witness($this->id(1, $i), $step, $outcome, $words, $this->clock->instant($day, 17 * 60), $day, self::DEVICE),
                $children[$place]->id,
            );
        }
        foreach (self::INSTEAD as $i => [$back, $words, $places]) {
            $this->tell($today->plusDays(-$back), $this->id(2, $i), $words, $childIds($places));
        }
        foreach (self::PHOTOGRAPHS as $i => [$back, $words, $places, $how, $count]) {
            $day = $today->plusDays(-$back);
            $at = (int) $this->clock->instant($day, 11 * 60)->format('Uv');
            $this->photographs->keep($this->id(3, $i), DemoPicture::of($how, $count), $day, null, $childIds($places), $words, $at, self::DEVICE);
        }
    }

    /** @param list<string> $childIds */
    private function tell(LocalDate $day, string $id, string $words, array $childIds): void
    {
        $stored = $this->entities->find(DayEntity::class, $day->toString()) ?? new DayEntity($day);
        $stored->otherwise = [
            ['id' => $id, 'words' => $words, 'children' => array_map(static fn (string $child): array => ['child' => $child, 'mark' => null], $childIds)],
        ];
        $this->entities->persist($stored);
    }

    private function id(int $kind, int $number): string
    {
        return Uuid::fromString(\sprintf('0197a000-0000-7002-8%03x-%012x', $kind, $number + 1))->toRfc4122();
    }
}
