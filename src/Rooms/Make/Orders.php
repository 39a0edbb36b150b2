<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Make;

use Pindle\App\Content\GlyphFile;
use Pindle\App\Content\ThingFile;
use Pindle\App\Content\Words;
use Pindle\App\Household\Children;
use Pindle\App\Household\House;
use Pindle\App\Household\Things;
use Pindle\App\Plan\Plans;
use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Http\Refusal;
use Pindle\App\Views\Pictures;
use Pindle\App\Views\Wants;
use Pindle\Core\Child\Child;
use Pindle\Core\Child\Settings;
use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Planning\SetUp;
use Pindle\Core\Printable\Fit;
use Pindle\Core\Printable\InvalidSheet;
use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Sheet;
use Pindle\Core\Printable\SheetKind;
use Pindle\Core\Printable\Want;
use Pindle\Core\Skill\Form;
use Pindle\Core\Thing\Thing;

/** Puts the orders of sheets together from what the house has, how a child is taught and what is planned. */
final readonly class Orders
{
    private const USUAL_REACH = 10;
    private const MOST_LETTERS = 60;

    public function __construct(
        private GlyphFile $glyphs,
        private ThingFile $ordinary,
        private Words $words,
        private Children $children,
        private Things $things,
        private House $house,
        private Plans $plans,
        private Wants $wants,
        private OwnQuestions $questions,
        private Pictures $pictures,
        private Clock $clock,
    ) {
    }

    /** @throws Refusal 422 when it cannot be made as it was asked for */
    public function sheet(Order $order): Sheet
    {
        return $this->refusing(static fn (): Sheet => Sheet::of($order));
    }

    /** @throws Refusal 422 when nobody knows how large it is */
    public function fit(Order $order): Fit
    {
        return $this->refusing($order->fit(...));
    }

    /**
     * @param SetUp|null $likely the set-up that wants it, where it is not planned but likely
     *
     * @throws Refusal 422 when it cannot be asked for so, 404 when the thing, the child or the set-up is not there
     */
    public function order(SheetKind $kind, SheetQuery $query, ?SetUp $likely = null): Order
    {
        $want = $this->want($kind, $query, $likely);
        $thing = null === $query->thingId ? $want?->thing : $this->thing($query->thingId);
        $child = null === $query->childId ? null : $this->children->child($query->childId, $this->clock->today());
        $reach = $query->reach ?? $want->reach ?? min(self::USUAL_REACH, $kind->mostReach());
        foreach ($query->labels() as $label) {
            if (mb_strlen($label) > self::MOST_LETTERS) {
                throw Refusal::invalid('words', \sprintf('A label is up to %d letters; "%s…" is longer.', self::MOST_LETTERS, mb_substr($label, 0, 20)));
            }
        }
        $prompts = match (true) {
            !$kind->isAsked() => [],
            null !== $want => $want->prompts,
            null !== $child => $this->questions->of($child, $kind, $reach, $query->seed),
            default => [],
        };

        return $this->refusing(fn (): Order => new Order(
            $kind,
            $this->glyphs->hand(),
            $reach,
            $thing,
            $child->settings ?? $want->settings ?? Settings::chosen([], $this->house->settings(), Settings::WRITING_FROM_MONTHS, $this->house->coins()),
            $query->paper,
            $query->copies,
            $prompts,
            $query->seed,
            $query->savesInk,
            $this->isNearLittleOnes(),
            $want->others ?? [],
            $query->variant ?? $want->sheet->variant ?? null,
            $query->unit ?? (null === $thing && null !== $want && $kind->isSized() ? $want->side() : null),
            $query->labels(),
            SheetKind::Pictures === $kind && null !== $want ? $this->drawings($want, $likely) : [],
        ));
    }

    /**
     * What a planned set-up wants of this sheet; null where none is named.
     *
     * @throws Refusal 404
     */
    public function want(?SheetKind $kind, SheetQuery $query, ?SetUp $likely = null): ?Want
    {
        if (null === $query->setUpId) {
            return null;
        }
        $wants = null === $likely
            ? $this->wants->of([$this->plans->setUp($query->setUpId) ?? throw Refusal::notFound('setUpId', 'That is not planned any more.')])
            : $this->wants->ofSetUps([$likely], $this->clock->today());
        foreach ($wants as $want) {
            if ((null === $kind || $kind === $want->sheet?->kind) && (null === $query->propId || $query->propId === $want->prop->id)) {
                return $want;
            }
        }

        throw Refusal::notFound('propId', 'What is planned there does not want it any more.');
    }

    /** How long a thing usually is, in millimetres. */
    public function usualSide(Thing $thing): float
    {
        foreach ($this->ordinary->things() as $usual) {
            if (mb_strtolower($usual->name) === mb_strtolower($thing->name)) {
                return $usual->longSide();
            }
        }

        return $thing->longSide();
    }

    /**
     * @template T
     *
     * @param callable(): T $make
     *
     * @return T
     *
     * @throws Refusal with the field and a sentence
     */
    private function refusing(callable $make): mixed
    {
        try {
            return $make();
        } catch (InvalidSheet $e) {
            throw Refusal::invalid($e->field, $this->words->say('sheet_refusals', $e->reason, $e->values));
        }
    }

    private function isNearLittleOnes(): bool
    {
        $today = $this->clock->today();

        return [] !== array_filter($this->children->present($today), static fn (Child $one): bool => $one->isUnderThree($today));
    }

    /** @return list<Drawing> the picture of each question as it is drawn on paper */
    private function drawings(Want $want, ?SetUp $likely): array
    {
        $setUp = $likely ?? $this->plans->setUp($want->setUpKey)->setUp ?? throw Refusal::notFound('setUpId', 'That is not planned any more.');
        $drawings = [];
        foreach ($setUp->sittingOf($want->childId)->questions ?? [] as $question) {
            $drawings[] = $this->pictures->drawing($setUp, $question, Form::Pictures, $want->settings);
        }

        return array_values(array_filter($drawings, static fn (Drawing $drawing): bool => [] !== $drawing->marks));
    }

    /** @throws Refusal 404 */
    private function thing(string $id): Thing
    {
        return $this->things->ever()[$id] ?? throw Refusal::notFound('thingId', 'There is no such thing in the cupboard.');
    }
}
