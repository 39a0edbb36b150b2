<?php

declare(strict_types=1);

namespace Pindle\App\Exchange;

use Pindle\App\Content\ActivityFile;
use Pindle\App\Content\SkillFile;
use Pindle\App\Household\Activities;
use Pindle\Core\Evidence\Attempt;
use Pindle\Core\Skill\SkillMap;

/** Whether what a row of a household file names is there: a step of the map, an activity, a question as Pindle writes one. */
final class Meaning
{
    /** The key of a question: what is asked and of which numbers or names, as in "join:6,2". */
    private const QUESTION = '/^[a-z]+(-[a-z]+)*(:[\w.-]*(,[\w.-]*)*)?$/D';

    /** An own activity may have been removed since: then its days stay, and say so. */
    private const OWN = '/^'.Activities::PREFIX.'[a-z0-9-]{1,36}$/D';

    private ?SkillMap $map = null;

    /** @var array<string, mixed>|null by id */
    private ?array $shipped = null;

    public function __construct(private readonly SkillFile $skills, private readonly ActivityFile $activities)
    {
    }

    /**
     * @param array<string, mixed> $row field => value, as the schema has it
     *
     * @return array{string, string}|null field, and what is wrong with it; null where nothing is
     */
    public function trouble(array $row): ?array
    {
        foreach ($row as $field => $value) {
            $wrong = match ($field) {
                'stepId' => $this->isStep($value) ? null : 'is no step of the map',
                'activityId' => $this->isActivity($value) ? null : 'is no activity that Pindle knows',
                'question' => \is_string($value) && 1 === preg_match(self::QUESTION, $value) ? null : 'is no question as Pindle writes one',
                'courses', 'questions', 'spares' => $this->areOfSteps($value) ? null : 'names a step that is not on the map',
                default => null,
            };
            if (null !== $wrong) {
                return [$field, $wrong];
            }
        }

        return null;
    }

    private function isStep(mixed $id): bool
    {
        $this->map ??= $this->skills->map();

        return \is_string($id) && $this->map->has($id);
    }

    private function isActivity(mixed $id): bool
    {
        $this->shipped ??= $this->activities->shipped();

        return \is_string($id) && (isset($this->shipped[$id]) || Attempt::LOOK === $id || 1 === preg_match(self::OWN, $id));
    }

    private function areOfSteps(mixed $parts): bool
    {
        foreach (is_iterable($parts) || $parts instanceof \stdClass ? (array) $parts : [] as $part) {
            // Spares are lists of questions, by why they are kept.
            $isRight = \is_array($part) ? $this->areOfSteps($part) : $part instanceof \stdClass && $this->isStep($part->step ?? null);
            if (!$isRight) {
                return false;
            }
        }

        return true;
    }
}
