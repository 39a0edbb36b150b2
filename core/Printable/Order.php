<?php

declare(strict_types=1);

namespace Pindle\Core\Printable;

use Pindle\Core\Child\Settings;
use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Drawing\Hand;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Thing\Thing;

/** What a sheet is asked for with: how far, for which things, for whom, on which paper. The same order gives the same pages. */
final readonly class Order
{
    public const MOST_COPIES = 20;
    public const MOST_WORDS = 24;

    /** So long may a step be that is chosen, a stair or a tile of a floor, and so short, in millimetres. */
    public const LEAST_UNIT = 5.0;
    public const MOST_UNIT = 1000.0;

    public Variant $variant;

    /**
     * @param Thing|null   $thing    that lies on it
     * @param list<Prompt> $prompts  that are asked with it, where it is made for questions
     * @param bool         $isNearLittleOnes whether someone under three is in reach
     * @param list<Thing>  $others   kinds besides the thing, for patterns and towers
     * @param Variant|null $variant  the usual one where nothing is said
     * @param float|null   $unit     millimetres of a step, or of what lies on it, where it is not that of the thing
     * @param list<string> $words    of the parent's own, for labels
     * @param list<Drawing> $pictures of the questions, for a sheet of them
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
        public bool $isNearLittleOnes = false,
        public array $others = [],
        ?Variant $variant = null,
        public ?float $unit = null,
        public array $words = [],
        public array $pictures = [],
    ) {
        $this->variant = $variant ?? $kind->variants()[0];
        if ($reach < 1 || $reach > $kind->mostReach()) {
            throw InvalidSheet::reach($reach, $kind->mostReach());
        }
        if ($copies < 1 || $copies > self::MOST_COPIES) {
            throw InvalidSheet::copies($copies, self::MOST_COPIES);
        }
        if (!\in_array($this->variant, $kind->variants(), true)) {
            throw InvalidSheet::variant($this->variant);
        }
        if (null !== $unit && ($unit < self::LEAST_UNIT || $unit > self::MOST_UNIT)) {
            throw InvalidSheet::unit($unit, self::LEAST_UNIT, self::MOST_UNIT);
        }
        if (\count($words) > self::MOST_WORDS) {
            throw InvalidSheet::words(self::MOST_WORDS);
        }
    }

    /**
     * The longest side of what lies on it, or the step that was chosen, in millimetres.
     *
     * @throws InvalidSheet when there is no thing, or nobody has measured it
     */
    public function side(): float
    {
        if (null !== $this->unit) {
            return $this->unit;
        }
        $thing = $this->thing ?? throw InvalidSheet::noThing();

        return $thing->size->long ?? throw InvalidSheet::noSize($thing);
    }

    /** What its size is that of: things by name, or a step that was chosen. Empty where it has no size of anything. */
    public function what(): string
    {
        return null !== $this->unit && $this->kind->isSized() ? round($this->unit, 1).' mm' : $this->thing->name ?? '';
    }

    /**
     * What it is drawn for, as far as that decides what it can be used for again.
     *
     * @throws InvalidSheet when its size is that of a thing, and there is none or nobody has measured it
     */
    public function fit(): Fit
    {
        $side = $this->kind->isSized() ? $this->side() : null;

        return Fit::of($this->kind, $this->variant, $this->reach, $side, $this->settings, $this->prompts);
    }

    /** What is drawn for the thing: itself, or a counter. */
    public function glyph(): string
    {
        return $this->thing->glyph ?? 'counter';
    }

    /**
     * The sheet is longer than the paper.
     *
     * @param float $most millimetres that would fit
     */
    public function tooLong(float $most): InvalidSheet
    {
        $most = (int) floor($most);

        return null !== $this->unit ? InvalidSheet::unitTooLong($this->unit, $most, $this->kind->isSteps()) : InvalidSheet::tooLong(
            $this->thing ?? throw InvalidSheet::noThing(),
            $most,
        );
    }
}
