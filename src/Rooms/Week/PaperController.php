<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Week;

use OpenApi\Attributes as OA;
use Pindle\App\Content\Words;
use Pindle\App\Views\Documents;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Printable\Paper;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\Routing\Attribute\Route;

/** The week on one page, to hang on the cupboard door. */
#[Route('/api/week')]
#[OA\Tag('Week')]
final readonly class PaperController
{
    public function __construct(
        private WeekViews $views,
        private OutlookViews $outlook,
        private Documents $documents,
        private Words $words,
        private Shown $shown,
    ) {
    }

    #[Route('/week.pdf', name: 'week_pdf', methods: ['GET'])]
    #[OA\Response(response: 200, description: 'The week on one page', content: new OA\MediaType(
        mediaType: 'application/pdf',
        schema: new OA\Schema(type: 'string', format: 'binary'),
    ))]
    public function week(#[MapQueryParameter] ?string $day = null, #[MapQueryParameter] Paper $paper = Paper::A4): Response
    {
        $shown = $this->shown->day($day);
        $week = $this->views->of($shown);
        $likely = [];
        $end = null;
        foreach ($week->hasOutlook ? $this->outlook->of($shown) : [] as $line) {
            foreach ($line->day->children ?? [] as $child) {
                $likely[$line->day->date ?? ''][$child->childId] = $child;
            }
            $end = $line->end ?? $end;
        }

        return $this->documents->pdf('week', [
            'title' => $this->words->say('week', 'title', [
                'from' => $this->words->dated(LocalDate::parse($week->from)),
                'to' => $this->words->dated(LocalDate::parse($week->to)),
            ]),
            'week' => $week,
            'likely' => $likely,
            'end' => $end,
        ], $paper);
    }
}
