<?php

declare(strict_types=1);

namespace Pindle\Core\Printable;

use Pindle\Core\Child\Setting;
use Pindle\Core\Child\Settings;
use Pindle\Core\Question\Prompt;

/** What a sheet was drawn for, as far as that decides what it can be used for again. */
final readonly class Fit
{
    /** Two steps are as long as each other to so many millimetres. */
    private const SAME = 0.5;

    /**
     * @param int|null   $reach null where the sheet goes no way
     * @param float|null $side  millimetres of what lies on it; null where nothing does
     * @param string     $way   how the child is taught, and which questions it is for, as far as they show on it
     */
    public function __construct(public SheetKind $kind, public Variant $variant, public ?int $reach, public ?float $side, public string $way)
    {
    }

    /** @param list<Prompt> $prompts of the questions it is for */
    public static function of(SheetKind $kind, Variant $variant, int $reach, ?float $side, Settings $settings, array $prompts = []): self
    {
        $ways = array_map(static fn (Setting $setting): string => $settings->answers()[$setting->value], $kind->settings());
        if (SheetKind::PlayCoins === $kind) {
            $ways[] = $settings->coins->toString();
        }
        if ($kind->isAsked() && [] !== $prompts) {
            $keys = array_map(static fn (Prompt $prompt): string => $prompt->key(), $prompts);
            sort($keys);
            $ways[] = hash('crc32b', implode(' ', $keys));
        }

        return new self($kind, $variant, $kind->hasReach() ? $reach : null, $kind->isSized() ? $side : null, implode(' ', $ways));
    }

    /**
     * Whether what was drawn for this is good for the other too. Cards and lines that go further are; a frame for larger things holds smaller ones;
     * steps, dice and spinners must be as they are asked for, and so must whatever is made for questions.
     */
    public function serves(self $other): bool
    {
        return $this->kind === $other->kind && $this->variant === $other->variant && $this->way === $other->way
            && $this->goesAsFar($other->reach ?? 0) && $this->isAsLarge($other);
    }

    /** Whether it is that sheet, as far as is always wanted of it. */
    public function isOf(PropSheet $sheet): bool
    {
        return $this->kind === $sheet->kind && $this->variant === $sheet->variant && (null === $sheet->reach || $this->goesAsFar($sheet->reach));
    }

    private function goesAsFar(int $wanted): bool
    {
        $own = $this->reach ?? 0;

        return match (true) {
            // One of five, one of ten, or two of ten, of which one can be used alone.
            SheetKind::Frame === $this->kind => ($own <= 5) === ($wanted <= 5) && ($own > 10 || $wanted <= 10),
            SheetKind::DiceNets === $this->kind, SheetKind::Spinner === $this->kind, SheetKind::Trail === $this->kind => $own === $wanted,
            default => $own >= $wanted,
        };
    }

    private function isAsLarge(self $other): bool
    {
        if (null === $this->side || null === $other->side) {
            return true;
        }

        return $this->kind->isSteps() || SheetKind::PileChart === $this->kind
            ? abs($this->side - $other->side) <= self::SAME
            : $this->side >= $other->side - self::SAME;
    }
}
