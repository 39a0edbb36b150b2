<?php

declare(strict_types=1);

namespace Pindle\Core\Skill;

/** A skill at one reach: what is planned, tried and recorded. Its id is "skill@reach". */
final readonly class Step
{
    public string $id;

    /**
     * @param list<string> $needs   ids of the steps directly needed, the reach before included
     * @param list<Form>   $forms   the forms it is met in, in order; empty when spoken or moved
     * @param string|null  $before  id of the same skill at the reach before
     * @param bool         $offered false where the way a child is taught leaves it out for now
     */
    public function __construct(
        public Skill $skill,
        public string $reach,
        public array $needs,
        public array $forms,
        public ?string $before,
        public bool $offered = true,
    ) {
        $this->id = $skill->id.'@'.$reach;
    }

    /** The largest number of the step; named levels stand for the numbers they use. */
    public function size(): int
    {
        return ctype_digit($this->reach) ? (int) $this->reach : match ($this->reach) {
            'tens' => 100,
            'hundreds' => 1000,
            'twos' => 20,
            'fives' => 50,
            default => 5,
        };
    }

    public function lastForm(): ?Form
    {
        return [] === $this->forms ? null : $this->forms[\count($this->forms) - 1];
    }

    public function firstForm(): ?Form
    {
        return $this->forms[0] ?? null;
    }
}
