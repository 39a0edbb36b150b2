<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Week;

use OpenApi\Attributes as OA;
use Pindle\App\Platform\CalendarFile;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** The days ahead as a file for any calendar. What was given is remembered, so that giving it again changes what is there. */
#[Route('/api/week')]
#[OA\Tag('Week')]
final readonly class CalendarController
{
    public function __construct(private Appointments $appointments, private CalendarFile $file)
    {
    }

    #[Route('/calendar', name: 'week_calendar', methods: ['POST'])]
    #[OA\Response(response: 200, description: 'A calendar file', content: new OA\MediaType(mediaType: 'text/calendar', schema: new OA\Schema(type: 'string')))]
    public function calendar(#[MapRequestPayload] CalendarInput $input): Response
    {
        return new Response($this->file->write($this->appointments->file($input), $input->alarm), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="pindle.ics"',
        ]);
    }
}
