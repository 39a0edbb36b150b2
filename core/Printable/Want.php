<?php

declare(strict_types=1);

namespace Pindle\Core\Printable;

use Pindle\Core\Activity\Prop;
use Pindle\Core\Child\Settings;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Thing\Thing;

/** Something made that a set-up wants, with all that decides how it is drawn. */
final readonly class Want
{
    /** A step, or what lies on it, is so long where no thing says, in millimetres. */
    public const USUAL_SIDE = 25.0;

    public ?Fit $fit;

    /**
     * @param string          $setUpKey that wants it
     * @param string          $activityId of it
     * @param PropSheet|null  $sheet    null where it is not printed
     * @param int             $reach    1 and up
     * @param Thing|null      $thing    that lies on it
     * @param list<Thing>     $others   kinds besides
     * @param list<Prompt>    $prompts  that are asked with it
     */
    public function __construct(
        public string $setUpKey,
        public string $activityId,
        public string $childId,
        public Prop $prop,
        public ?PropSheet $sheet,
        public int $reach,
        public ?Thing $thing,
        public array $others,
        public Settings $settings,
        public array $prompts,
    ) {
        $this->fit = null === $sheet ? null : Fit::of($sheet->kind, $sheet->variant, $reach, $this->side(), $settings, $prompts);
    }

    /** Millimetres of what lies on it. */
    public function side(): float
    {
        return $this->thing->size->long ?? self::USUAL_SIDE;
    }

    /** Whether what is made for this is good for the other too. */
    public function serves(self $other): bool
    {
        return null === $this->fit || null === $other->fit ? $this->prop->id === $other->prop->id : $this->fit->serves($other->fit);
    }

    /**
     * As few sheets as do for all of them, in their order.
     *
     * @param list<self> $wants
     *
     * @return list<self>
     */
    public static function fewest(array $wants): array
    {
        $kept = [];
        foreach ($wants as $i => $want) {
            foreach ($wants as $j => $other) {
                // Of two that do for each other the first stays.
                if ($i !== $j && $other->serves($want) && (!$want->serves($other) || $j < $i)) {
                    continue 2;
                }
            }
            $kept[] = $want;
        }

        return $kept;
    }
}
