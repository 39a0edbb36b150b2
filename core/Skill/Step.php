<?php

declare(strict_types=1);

namespace Pindle\Core\Skill;

/** A skill at one reach: what is planned, tried and recorded. Its id is "skill@reach". */
final readonly class Step
{
    public string $id;

    /** The largest number of the step; named reaches stand for the numbers they use. */
    public int $size;

    public Variant $variant;

    /**
     * @param list<string> $needs   ids of the steps directly needed, the reach before included
     * @param list<Form>   $forms   the forms it is met in, in order; empty when spoken or moved
     * @param string|null  $before  id of the same skill at the reach before
     * @param bool         $offered false where the way a child is taught leaves it out for now
     * @param bool         $varies  false where there is one activity for it and things play no part in that
     */
    public function __construct(
        public Skill $skill,
        public Reach $reach,
        public array $needs,
        public array $forms,
        public ?string $before,
        public bool $offered = true,
        public bool $varies = true,
    ) {
        $this->id = $skill->id.'@'.$reach->name;
        $this->size = $reach->size;
        $this->variant = $reach->variant;
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
