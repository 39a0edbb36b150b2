<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

use Nelmio\ApiDocBundle\Attribute\Model;
use OpenApi\Attributes as OA;
use Pindle\App\Household\House;
use Pindle\App\Household\Unchanged;
use Pindle\App\Platform\Csv;
use Pindle\App\Views\Documents;
use Pindle\Core\Journal\YearStart;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryString;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** Minutes and days of a year, for those whose rules ask for them. */
#[Route('/api/journal')]
#[OA\Tag('Journal')]
final readonly class YearController
{
    public function __construct(private YearPages $pages, private House $house, private Documents $documents)
    {
    }

    #[Route('/year', name: 'journal_year', methods: ['GET'], defaults: Unchanged::ALL)]
    #[OA\Response(response: 200, description: 'Minutes and days', content: new OA\JsonContent(ref: new Model(type: YearView::class)))]
    public function look(#[MapQueryString] YearQuery $query = new YearQuery()): JsonResponse
    {
        return new JsonResponse($this->pages->of($query->of));
    }

    #[Route('/year', name: 'journal_year_begin', methods: ['PUT'])]
    #[OA\Response(response: 200, description: 'Minutes and days', content: new OA\JsonContent(ref: new Model(type: YearView::class)))]
    public function begin(#[MapRequestPayload] YearStartInput $input): JsonResponse
    {
        $this->house->beginYear(new YearStart($input->month, $input->day));

        return $this->look();
    }

    #[Route('/year.csv', name: 'journal_year_csv', methods: ['GET'])]
    #[OA\Response(response: 200, description: 'Days and minutes by child, month and strand', content: new OA\MediaType(mediaType: 'text/csv'))]
    public function csv(#[MapQueryString] YearQuery $query = new YearQuery()): Response
    {
        $year = $this->pages->of($query->of);
        $rows = [];
        foreach ($year->children as $one) {
            foreach ($one->months as $month => [$days, $minutes]) {
                $rows[] = [$one->child->name, 'month', $month, $days, $minutes];
            }
            foreach ($one->strands as $strand => $minutes) {
                $rows[] = [$one->child->name, 'strand', $year->strands[$strand], null, $minutes];
            }
            $rows[] = [$one->child->name, 'year', $year->from.' to '.$year->to, $one->days, $one->minutes];
        }

        return Csv::response(\sprintf('pindle-year-%s.csv', $year->from), ['child', 'by', 'of', 'days', 'minutes (min)'], $rows);
    }

    #[Route('/year.pdf', name: 'journal_year_pdf', methods: ['GET'])]
    #[OA\Response(response: 200, description: 'The log of the year, to print', content: new OA\MediaType(
        mediaType: 'application/pdf',
        schema: new OA\Schema(type: 'string', format: 'binary'),
    ))]
    public function pdf(#[MapQueryString] YearQuery $query = new YearQuery()): Response
    {
        return $this->documents->pdf('year', ['year' => $this->pages->of($query->of)], $query->paper);
    }
}
