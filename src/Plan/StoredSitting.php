<?php

declare(strict_types=1);

namespace Pindle\App\Plan;

use Pindle\Core\Advice\Idea;
use Pindle\Core\Planning\Sitting;
use Pindle\Core\Question\Question;

/** One child's sitting with all that is kept of it. */
final readonly class StoredSitting
{
    /**
     * @param list<string>       $order    ids of the questions in the order they are asked
     * @param list<Idea>         $offered  ideas the parent has taken or let pass
     * @param list<StoredResult> $results  of its courses, once it is done
     * @param array<string, list<Question>> $spares idea => questions made beforehand for it, the smallest first
     */
    public function __construct(
        public string $id,
        public Sitting $sitting,
        public array $order,
        public array $offered,
        public array $results,
        public array $spares = [],
    ) {
    }

    /** @return list<Question> made beforehand for an idea, and not asked yet */
    public function sparesLeft(Idea $idea): array
    {
        return array_values(array_filter($this->spares[$idea->value] ?? [], fn (Question $spare): bool => null === $this->question($spare->id)));
    }

    public function question(string $questionId): ?Question
    {
        foreach ($this->sitting->questions as $question) {
            if ($question->id === $questionId) {
                return $question;
            }
        }

        return null;
    }
}
