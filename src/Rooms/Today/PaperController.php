<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Today;

use OpenApi\Attributes as OA;
use Pindle\App\Content\Words;
use Pindle\App\Plan\Planning;
use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Http\Refusal;
use Pindle\App\Platform\Lock\Who;
use Pindle\App\Views\Documents;
use Pindle\Core\Calendar\InvalidDate;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Evidence\ClosingMark;
use Pindle\Core\Printable\Paper;
use Pindle\Core\Skill\Form;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\Routing\Attribute\Route;

/** A day on paper: the page with circles, and the card for whoever steps in. */
#[Route('/api/today')]
#[OA\Tag('Today')]
final readonly class PaperController
{
    public function __construct(
        private Planning $planning,
        private DayViews $views,
        private StepsIn $stepsIn,
        private Documents $documents,
        private Words $words,
        private Clock $clock,
    ) {
    }

    #[Route('/day.pdf', name: 'today_day_pdf', methods: ['GET'], defaults: Who::TABLE)]
    #[OA\Response(response: 200, description: 'The day on one page', content: new OA\MediaType(
        mediaType: 'application/pdf',
        schema: new OA\Schema(type: 'string', format: 'binary'),
    ))]
    public function day(#[MapQueryParameter] ?string $day = null, #[MapQueryParameter] Paper $paper = Paper::A4): Response
    {
        $date = $this->date($day);
        $said = fn (string $group, \BackedEnum ...$cases): array => array_combine(
            array_map(static fn (\BackedEnum $one): string => (string) $one->value, $cases),
            array_map(fn (\BackedEnum $one): string => $this->words->say($group, $one), $cases),
        );

        return $this->documents->pdf('day', [
            'title' => $this->words->longDay($date),
            'day' => $this->views->of($this->planning->fresh($date)),
            'marks' => $said('closing_marks', ...ClosingMark::cases()),
            'forms' => $said('forms_with', ...Form::cases()),
        ], $paper);
    }

    #[Route('/card.pdf', name: 'today_card_pdf', methods: ['GET'], defaults: Who::TABLE)]
    #[OA\Response(response: 200, description: 'A card for whoever steps in', content: new OA\MediaType(
        mediaType: 'application/pdf',
        schema: new OA\Schema(type: 'string', format: 'binary'),
    ))]
    public function card(#[MapQueryParameter] ?string $day = null, #[MapQueryParameter] Paper $paper = Paper::A4): Response
    {
        $date = $this->date($day);

        return $this->documents->pdf('card', [
            'title' => $this->words->longDay($date),
            'words' => $this->words->say('paper', 'card'),
            'noGame' => $this->words->say('paper', 'no-game'),
            'care' => $this->stepsIn->care($date),
            'games' => $this->stepsIn->games($date),
        ], $paper);
    }

    /** @throws Refusal 422 */
    private function date(?string $day): LocalDate
    {
        try {
            return null === $day ? $this->clock->today() : LocalDate::parse($day);
        } catch (InvalidDate) {
            throw Refusal::invalid('day', 'A day is written as 2026-03-01.');
        }
    }
}
