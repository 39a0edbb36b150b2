<?php

declare(strict_types=1);

namespace Pindle\App\Table;

use Doctrine\DBAL\Exception\UniqueConstraintViolationException;
use Nelmio\ApiDocBundle\Attribute\Model;
use OpenApi\Attributes as OA;
use Pindle\App\Children\ChildrenRoom;
use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Http\Refusal;
use Pindle\App\Today\StoredSetUp;
use Pindle\App\Today\TodayRoom;
use Pindle\Core\Advice\Decision;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\Ladder;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Evidence\OneTry;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Evidence\Witness;
use Pindle\Core\Planning\Laid;
use Pindle\Core\Question\Ask;
use Pindle\Core\Skill\SkillMap;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/table')]
#[OA\Tag('Table')]
final readonly class TableController
{
    /** A device's clock may be ahead of the house by so many seconds. */
    private const CLOCK_SKEW = 86_400;

    public function __construct(
        private TryRepository $tries,
        private TableRoom $room,
        private TableViews $views,
        private Advices $advices,
        private NextQuestion $next,
        private TodayRoom $today,
        private ChildrenRoom $children,
        private SkillMap $map,
        private Clock $clock,
    ) {
    }

    #[Route('/{setUpId}', name: 'table_look', methods: ['GET'])]
    #[OA\Response(response: 200, description: 'Everything one set-up needs at the table', content: new OA\JsonContent(ref: new Model(type: TableView::class)))]
    public function look(string $setUpId): JsonResponse
    {
        return new JsonResponse($this->views->of($this->today->setUp($setUpId)));
    }

    #[Route('/{setUpId}/tries', name: 'table_try', methods: ['POST'])]
    #[OA\Response(response: 200, description: 'Recorded, or recorded before', content: new OA\JsonContent(ref: new Model(type: TryView::class)))]
    public function record(string $setUpId, #[MapRequestPayload] TryInput $input): JsonResponse
    {
        $before = $this->tries->find($input->id);
        if (null !== $before) {
            return $this->answer($before->id, $before->stepId, $this->room->record($this->children->child($before->childId)));
        }
        $stored = $this->today->setUp($setUpId);
        $childId = $stored->childOf($input->sittingId) ?? throw Refusal::invalid('sittingId', 'This sitting does not belong to what is on the table.');
        if ($stored->isDone) {
            throw Refusal::conflict('setUpId', 'This was finished on another device. Nothing more is recorded to it.');
        }
        foreach ($this->tries->ofSittings([$input->sittingId]) as $other) {
            if ($other->place === $input->place) {
                throw Refusal::conflict('place', 'This question was answered on another device.');
            }
        }
        $child = $this->children->child($childId);
        $try = $this->read($stored, $child->id, $input);
        if ([] === $this->tries->ofSittings(array_values($stored->sittingIds))) {
            $this->today->begin($setUpId, $this->marks($stored));
        }
        try {
            $record = $this->room->recordTry($child, $try, $input->place);
        } catch (UniqueConstraintViolationException) {
            throw Refusal::conflict('id', 'This try is being recorded already; ask again.');
        }

        return $this->answer($try->id, $try->stepId, $record, $this->advices->after($stored, $child->id, $record));
    }

    #[Route('/tries/{id}', name: 'table_take_back', methods: ['DELETE'])]
    #[OA\Response(response: 200, description: 'Taken back; the history still shows it', content: new OA\JsonContent(ref: new Model(type: TryView::class)))]
    public function takeBack(string $id): JsonResponse
    {
        $try = $this->room->seen($id) ?? throw Refusal::notFound('id', 'There is no such try.');
        $record = $this->room->takeBack($this->children->child($try->childId), $try, $this->clock->now());

        return $this->answer($try->id, $try->stepId, $record);
    }

    #[Route('/tries/{id}', name: 'table_correct', methods: ['PUT'])]
    #[OA\Response(response: 200, description: 'Corrected; the history shows both', content: new OA\JsonContent(ref: new Model(type: TryView::class)))]
    public function correct(string $id, #[MapRequestPayload] CorrectionInput $input): JsonResponse
    {
        $wrong = $this->tries->find($id) ?? throw Refusal::notFound('id', 'There is no such try.');
        $child = $this->children->child($wrong->childId);
        $before = $this->tries->find($input->id);
        if (null !== $before) {
            return $this->answer($before->id, $before->stepId, $this->room->record($child));
        }
        if (null !== $wrong->removedAt) {
            throw Refusal::conflict('id', 'This try was taken back or corrected already. Nothing was changed.');
        }
        $was = $wrong->toCore();
        $right = new OneTry($input->id, $was->stepId, $was->sittingId, $was->familyId, $was->form, $input->help, $was->thingIds, $was->question, $was->guess, $input->outcome, $input->method, $input->slip, $was->at, $was->day, $was->deviceId, $was->error, $was->isLook);

        return $this->answer($right->id, $right->stepId, $this->room->correct($child, $wrong, $right, $this->clock->now()));
    }

    #[Route('/{setUpId}/advice', name: 'table_advice', methods: ['POST'])]
    #[OA\Response(response: 200, description: 'Kept, and the questions from now on', content: new OA\JsonContent(ref: new Model(type: TableView::class)))]
    public function advice(string $setUpId, #[MapRequestPayload] AdviceInput $input): JsonResponse
    {
        $stored = $this->today->setUp($setUpId);
        $childId = $stored->childOf($input->sittingId) ?? throw Refusal::invalid('sittingId', 'This sitting does not belong to what is on the table.');
        $sitting = $stored->setUp->sittingOf($childId);
        if ($stored->isDone || null === $sitting) {
            throw Refusal::conflict('setUpId', 'This was finished already.');
        }
        $done = array_map(static fn (TryEntity $try): int => $try->place, $this->tries->ofSittings([$input->sittingId]));
        [$questions, $order] = $input->taken ? $this->next->after($input->idea, $stored->setUp->family, $sitting, $stored->orders[$childId], $done) : [$sitting->questions, $stored->orders[$childId]];
        $this->today->advised($setUpId, $input->sittingId, $input->idea, $input->taken, $questions, $order);

        return $this->look($setUpId);
    }

    #[Route('/{setUpId}/all-at-once', name: 'table_all_at_once', methods: ['POST'])]
    #[OA\Response(response: 200, description: 'Noted', content: new OA\JsonContent(ref: new Model(type: TableView::class)))]
    public function allAtOnce(string $setUpId, #[MapRequestPayload] AllAtOnceInput $input): JsonResponse
    {
        $stored = $this->today->setUp($setUpId);
        $childId = $stored->childOf($input->sittingId) ?? throw Refusal::invalid('sittingId', 'This sitting does not belong to what is on the table.');
        if ($stored->isDone) {
            throw Refusal::conflict('setUpId', 'This was finished already.');
        }
        $at = $this->instant($input->at);
        $this->today->begin($setUpId, $this->marks($stored));
        $this->room->note(
            $this->children->child($childId),
            new Witness($input->id, $stored->setUp->sittingOf($childId)->stepId ?? '', $input->outcome, '', $at, $this->clock->dayOf($at), $input->deviceId),
            $input->sittingId,
        );

        return $this->look($setUpId);
    }

    #[Route('/{setUpId}/finish', name: 'table_finish', methods: ['POST'])]
    #[OA\Response(response: 200, description: 'What follows for each child', content: new OA\JsonContent(ref: new Model(type: TableView::class)))]
    public function finish(string $setUpId, #[MapRequestPayload] FinishInput $input): JsonResponse
    {
        $stored = $this->today->setUp($setUpId);
        if (!$stored->isDone) {
            $decisions = [];
            foreach ($stored->setUp->sittings as $sitting) {
                $sittingId = $stored->sittingIds[$sitting->childId];
                $child = $this->children->child($sitting->childId);
                $after = $this->room->record($child);
                $was = $stored->marksBefore[$sitting->childId] ?? $after->mark($sitting->stepId, $stored->date);
                $decisions[$sitting->childId] = [
                    'decision' => Decision::after($sitting->stepId, $this->room->triesIn($sittingId), $was, $after, $input->ending, $stored->date),
                    'before' => $was,
                    'after' => $after->mark($sitting->stepId, $stored->date),
                ];
            }
            $this->today->finish($setUpId, $input->ending, $decisions);
        }

        return $this->look($setUpId);
    }

    private function answer(string $id, string $stepId, ChildRecord $record, ?AdviceView $advice = null): JsonResponse
    {
        return new JsonResponse(new TryView($id, $stepId, $record->mark($stepId, $this->clock->today())->value, Ladder::help($record->state($stepId))->value, $advice));
    }

    /** @return array<string, Mark> child id => the mark of the step they sit with, as it is now */
    private function marks(StoredSetUp $stored): array
    {
        $marks = [];
        foreach ($stored->setUp->sittings as $sitting) {
            $marks[$sitting->childId] = $this->room->record($this->children->child($sitting->childId))->mark($sitting->stepId, $stored->date);
        }

        return $marks;
    }

    /** @throws Refusal 422 when it is in the future */
    private function instant(int $milliseconds): \DateTimeImmutable
    {
        $at = $this->clock->fromDevice($milliseconds);
        if ($at->getTimestamp() > $this->clock->now()->getTimestamp() + self::CLOCK_SKEW) {
            throw Refusal::invalid('at', 'That is in the future. Is the clock of this device right?');
        }

        return $at;
    }

    private function read(StoredSetUp $stored, string $childId, TryInput $input): OneTry
    {
        $sitting = $stored->setUp->sittingOf($childId);
        $question = $sitting?->questions[$input->place] ?? throw Refusal::invalid('place', 'This sitting has no such question.');
        $at = $this->instant($input->at);
        $error = null;
        if (Ask::GuessCount === $question->fact->ask) {
            $counted = $input->counted ?? throw Refusal::invalid('counted', 'How many were counted?');
            $error = abs(($input->guess ?? throw Refusal::invalid('guess', 'What was the guess?')) - $counted) / $counted;
        }

        return new OneTry(
            $input->id,
            $question->stepId,
            $input->sittingId,
            $stored->setUp->family->id,
            [] === $this->map->step($question->stepId)->forms ? null : $sitting->form,
            $input->help,
            array_values(array_unique(array_map(static fn (Laid $laid): string => $laid->thing->id, $stored->setUp->laid))),
            $question->fact->key(),
            $question->guess(),
            null === $error ? $input->outcome : Outcome::ofGuess($error),
            $input->method,
            $input->slip,
            $at,
            $this->clock->dayOf($at),
            $input->deviceId,
            $error,
        );
    }
}
