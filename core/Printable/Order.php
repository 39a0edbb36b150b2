<?php

declare(strict_types=1);

namespace Pindle\Core\Printable;

use Pindle\Core\Child\Settings;
use Pindle\Core\Drawing\Hand;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Thing\Thing;

/** What a sheet is asked for with: how far, for which thing, for whom, on which paper. The same order gives the same pages. */
final readonly class Order
{
    public const MOST_COPIES = 20;

    /**
     * @param Thing|null   $thing    that lies on it
     * @param list<Prompt> $prompts  that are asked with it, for a page of sums
     * @param bool         $onFloor  to be read standing up
     * @param bool         $isNearLittleOnes whether someone under three is in reach
     *
     * @throws InvalidSheet
     */
    public function __construct(
        public SheetKind $kind,
        public Hand $hand,
        public int $reach = 10,
        public ?Thing $thing = null,
        public Settings $settings = new Settings(),
        public Paper $paper = Paper::A4,
        public int $copies = 1,
        public array $prompts = [],
        public int $seed = 1,
        public bool $savesInk = false,
        public bool $onFloor = false,
        public bool $isNearLittleOnes = false,
    ) {
        if ($reach < 1 || $reach > $kind->mostReach()) {
            throw InvalidSheet::reach($reach, $kind->mostReach());
        }
        if ($copies < 1 || $copies > self::MOST_COPIES) {
            throw InvalidSheet::copies($copies, self::MOST_COPIES);
        }
    }

    /**
     * The longest side of what lies on it, in millimetres.
     *
     * @throws InvalidSheet when there is no thing, or nobody has measured it
     */
    public function side(): float
    {
        $thing = $this->thing ?? throw InvalidSheet::noThing();

        return $thing->size->long ?? throw InvalidSheet::noSize($thing);
    }
}
