<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Table;

use Nelmio\ApiDocBundle\Attribute\Model;
use OpenApi\Attributes as OA;
use Pindle\App\Household\Children;
use Pindle\App\Plan\Asked;
use Pindle\App\Plan\Planning;
use Pindle\App\Plan\Plans;
use Pindle\App\Plan\SetUpState;
use Pindle\App\Plan\Sittings;
use Pindle\App\Plan\StoredSetUp;
use Pindle\App\Plan\StoredSitting;
use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Http\Refusal;
use Pindle\App\Record\AttemptEntity;
use Pindle\App\Record\Evidence;
use Pindle\Core\Advice\Decision;
use Pindle\Core\Evidence\Attempt;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\Ladder;
use Pindle\Core\Evidence\Seen;
use Pindle\Core\Evidence\Witness;
use Pindle\Core\Planning\Course;
use Pindle\Core\Planning\NextQuestion;
use Pindle\Core\Question\Question;
use Pindle\Core\Skill\SkillMap;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/table')]
#[OA\Tag('Table')]
final readonly class TableController
{
    public function __construct(
        private Evidence $evidence,
        private Plans $plans,
        private Planning $planning,
        private Sittings $sittings,
        private Children $children,
        private TableViews $views,
        private Advices $advices,
        private SkillMap $map,
        private Clock $clock,
    ) {
    }

    #[Route('/{setUpId}', name: 'table_look', methods: ['GET'])]
    #[OA\Response(response: 200, description: 'Everything one set-up needs at the table', content: new OA\JsonContent(ref: new Model(type: TableView::class)))]
    public function look(string $setUpId): JsonResponse
    {
        $this->planning->fresh($this->clock->today());

        return new JsonResponse($this->views->of($this->setUp($setUpId)));
    }

    #[Route('/{setUpId}/attempts', name: 'table_attempt', methods: ['POST'])]
    #[OA\Response(response: 200, description: 'Recorded, or recorded before', content: new OA\JsonContent(ref: new Model(type: AttemptView::class)))]
    public function record(string $setUpId, #[MapRequestPayload] AttemptInput $input): JsonResponse
    {
        $today = $this->clock->today();
        $attempts = [];
        foreach ($this->evidence->around($input->sittingId, $input->id) as $other) {
            if ($other->id === $input->id) {
                return $this->answer($other->toCore(), $this->evidence->record($this->children->child($other->childId, $today)));
            }
            if ($other->questionId === $input->questionId) {
                throw Refusal::conflict('questionId', 'This question was answered on another device.');
            }
            $attempts[] = $other->toCore();
        }
        $asked = $this->plans->asked($setUpId, $input->sittingId, $input->questionId) ?? throw $this->notAsked($setUpId, $input);
        if (SetUpState::Done === $asked->state) {
            throw Refusal::conflict('setUpId', 'This was finished on another device. Nothing more is recorded to it.');
        }
        $child = $this->children->child($asked->childId, $today);
        $attempt = $this->attempt($asked, $input);
        $record = $this->evidence->recordAttempt($child, $attempt, $input->questionId);
        if (SetUpState::Dropped === $asked->state) {
            $this->sittings->revive($setUpId);
        }

        return $this->answer($attempt, $record, $this->advices->after($input->sittingId, $asked, [...$attempts, $attempt], $record));
    }

    #[Route('/attempts/{id}', name: 'table_take_back', methods: ['DELETE'])]
    #[OA\Response(response: 200, description: 'Taken back; the history still shows it', content: new OA\JsonContent(ref: new Model(type: AttemptView::class)))]
    public function takeBack(string $id): JsonResponse
    {
        $seen = $this->evidence->seen($id) ?? throw Refusal::notFound('id', 'There is no such try.');
        $record = $this->evidence->takeBack($this->children->child($seen->childId, $this->clock->today()), $seen, $this->clock->now());

        return $this->answer($seen->toCore(), $record);
    }

    #[Route('/attempts/{id}', name: 'table_correct', methods: ['PUT'])]
    #[OA\Response(response: 200, description: 'Corrected; the history shows both', content: new OA\JsonContent(ref: new Model(type: AttemptView::class)))]
    public function correct(string $id, #[MapRequestPayload] CorrectionInput $input): JsonResponse
    {
        $wrong = $this->evidence->attempt($id) ?? throw Refusal::notFound('id', 'There is no such try.');
        $child = $this->children->child($wrong->childId, $this->clock->today());
        $before = $this->evidence->attempt($input->id);
        if (null !== $before) {
            return $this->answer($before->toCore(), $this->evidence->record($child));
        }
        $right = $wrong->toCore()->corrected($input->id, $input->outcome, $input->help, $input->method, $input->slip);

        return $this->answer($right, $this->evidence->correct($child, $wrong, $right, $this->clock->now()));
    }

    #[Route('/{setUpId}/advice', name: 'table_advice', methods: ['POST'])]
    #[OA\Response(response: 200, description: 'Kept, and the questions from now on', content: new OA\JsonContent(ref: new Model(type: TableView::class)))]
    public function advice(string $setUpId, #[MapRequestPayload] AdviceInput $input): JsonResponse
    {
        $stored = $this->setUp($setUpId);
        $sitting = $this->open($stored, $input->sittingId);
        $at = array_flip(array_map(static fn (Question $question): string => $question->id, $sitting->sitting->questions));
        $positions = static fn (array $ids): array => array_values(array_filter(
            array_map(static fn (string $id): ?int => $at[$id] ?? null, $ids),
            is_int(...),
        ));
        $order = $positions($sitting->order);
        $done = $positions(array_map(static fn (AttemptEntity $attempt): string => $attempt->questionId, $this->evidence->answered([$sitting->id])));
        [$questions, $order] = $input->taken ? (new NextQuestion($this->map))->after(
            $input->idea,
            $stored->setUp->activity,
            $sitting->sitting,
            $order,
            $done,
        ) : [$sitting->sitting->questions, $order];
        $this->sittings->advised($sitting, $input->idea, $input->taken, $questions, $order);

        return new JsonResponse($this->views->of($this->setUp($setUpId)));
    }

    #[Route('/{setUpId}/all-at-once', name: 'table_all_at_once', methods: ['POST'])]
    #[OA\Response(response: 200, description: 'Noted', content: new OA\JsonContent(ref: new Model(type: TableView::class)))]
    public function allAtOnce(string $setUpId, #[MapRequestPayload] AllAtOnceInput $input): JsonResponse
    {
        $sitting = $this->open($this->setUp($setUpId), $input->sittingId);
        $at = $this->clock->seenAt($input->at);
        $this->evidence->note(
            $this->children->child($sitting->sitting->childId, $this->clock->today()),
            new Witness($input->id, $sitting->sitting->course()->stepId, $input->outcome, '', $at, $this->clock->dayOf($at), $input->deviceId),
            $sitting->id,
        );

        return new JsonResponse($this->views->of($this->setUp($setUpId)));
    }

    #[Route('/{setUpId}/finish', name: 'table_finish', methods: ['POST'])]
    #[OA\Response(response: 200, description: 'What follows for each child', content: new OA\JsonContent(ref: new Model(type: TableView::class)))]
    public function finish(string $setUpId, #[MapRequestPayload] FinishInput $input): JsonResponse
    {
        $stored = $this->setUp($setUpId);
        if (!$stored->isDone()) {
            $records = $this->evidence->records($this->children->present($stored->date));
            $attempts = [];
            foreach ($this->evidence->answered($stored->sittingIds()) as $attempt) {
                $attempts[$attempt->sittingId][] = $attempt->toCore();
            }
            $results = [];
            foreach ($stored->sittings as $childId => $sitting) {
                $after = $records[$childId] ?? $this->evidence->record($this->children->child($childId, $stored->date));
                $results[$childId] = array_map(static fn (Course $course): array => [
                    'decision' => Decision::after($course->stepId, $attempts[$sitting->id] ?? [], $course->before, $after, $input->ending, $stored->date),
                    'after' => $after->mark($course->stepId, $stored->date),
                ], $sitting->sitting->courses);
            }
            $this->sittings->finish($stored, $input->ending, $results);
        }

        return new JsonResponse($this->views->of($this->setUp($setUpId)));
    }

    /** @throws Refusal 404 */
    private function setUp(string $id): StoredSetUp
    {
        return $this->plans->setUp($id) ?? throw Refusal::notFound('setUpId', 'This is not in the plan any more. Nothing was lost; look at Today again.');
    }

    /** @throws Refusal 409 when the set-up is done, 422 when the sitting is of another */
    private function open(StoredSetUp $stored, string $sittingId): StoredSitting
    {
        $sitting = $stored->sitting($sittingId) ?? throw Refusal::invalid('sittingId', 'This sitting does not belong to what is on the table.');

        return $stored->isDone() ? throw Refusal::conflict('setUpId', 'This was finished already.') : $sitting;
    }

    private function answer(Seen $seen, ChildRecord $record, ?AdviceView $advice = null): JsonResponse
    {
        return new JsonResponse(new AttemptView(
            $seen->id,
            $seen->stepId,
            $record->mark($seen->stepId, $this->clock->today()),
            Ladder::help($record->state($seen->stepId)),
            $advice,
        ));
    }

    /** @throws Refusal 404 when the set-up is gone */
    private function notAsked(string $setUpId, AttemptInput $input): Refusal
    {
        return null === $this->setUp($setUpId)->sitting($input->sittingId)
            ? Refusal::invalid('sittingId', 'This sitting does not belong to what is on the table.')
            : Refusal::invalid('questionId', 'This sitting has no such question.');
    }

    private function attempt(Asked $asked, AttemptInput $input): Attempt
    {
        $at = $this->clock->seenAt($input->at);
        $error = null;
        if ($asked->question->prompt->isGuess()) {
            $counted = $input->counted ?? throw Refusal::invalid('counted', 'How many were counted?');
            $error = abs(($input->guess ?? throw Refusal::invalid('guess', 'What was the guess?')) - $counted) / $counted;
        }

        return $asked->attempt(
            $input->id,
            $input->sittingId,
            $this->map,
            $input->help,
            $input->outcome,
            $input->method,
            $input->slip,
            $at,
            $this->clock->dayOf($at),
            $input->deviceId,
            $error,
        );
    }
}
