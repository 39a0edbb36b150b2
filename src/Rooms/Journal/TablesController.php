<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

use OpenApi\Attributes as OA;
use Pindle\App\Platform\Csv;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The household as tables, for a spreadsheet. */
#[Route('/api/journal/tables')]
#[OA\Tag('Journal')]
final readonly class TablesController
{
    public function __construct(private Tables $tables)
    {
    }

    #[Route('/attempts.csv', name: 'journal_attempts_csv', methods: ['GET'])]
    #[OA\Response(response: 200, description: 'Every try', content: new OA\MediaType(mediaType: 'text/csv'))]
    public function attempts(): Response
    {
        return Csv::response('pindle-attempts.csv', [
            'time (UTC)', 'day', 'child', 'step', 'question', 'outcome', 'help', 'method', 'slip', 'form', 'answers laid out', 'guess (things)',
            'counted (things)', 'activity', 'taken back',
        ], $this->tables->attempts());
    }

    #[Route('/days.csv', name: 'journal_days_csv', methods: ['GET'])]
    #[OA\Response(response: 200, description: 'What was planned and done, and its minutes', content: new OA\MediaType(mediaType: 'text/csv'))]
    public function days(): Response
    {
        return Csv::response('pindle-days.csv', ['day', 'start (h:mm)', 'minutes (min)', 'activity', 'child', 'steps', 'state', 'note'], $this->tables->days());
    }

    #[Route('/record.csv', name: 'journal_record_csv', methods: ['GET'])]
    #[OA\Response(response: 200, description: 'Where every step of every child stands', content: new OA\MediaType(mediaType: 'text/csv'))]
    public function record(): Response
    {
        return Csv::response('pindle-record.csv', [
            'child', 'strand', 'step', 'mark', 'can do since', 'seen (times)', 'last seen', 'worth a look',
        ], $this->tables->record());
    }

    #[Route('/things.csv', name: 'journal_things_csv', methods: ['GET'])]
    #[OA\Response(response: 200, description: 'What is in the cupboard', content: new OA\MediaType(mediaType: 'text/csv'))]
    public function things(): Response
    {
        return Csv::response('pindle-things.csv', [
            'name', 'amount (pieces)', 'longest side (mm)', 'middle side (mm)', 'shortest side (mm)', 'shape', 'weight (g)', 'colours', 'allergens', 'kept at',
        ], $this->tables->things());
    }

    #[Route('/facts.csv', name: 'journal_facts_csv', methods: ['GET'])]
    #[OA\Response(response: 200, description: 'How every fact is known', content: new OA\MediaType(mediaType: 'text/csv'))]
    public function facts(): Response
    {
        return Csv::response('pindle-facts.csv', ['child', 'fact', 'answer', 'standing'], $this->tables->facts());
    }
}
