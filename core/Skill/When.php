<?php

declare(strict_types=1);

namespace Pindle\Core\Skill;

/** What changes in a step where a child is taught in one of the ways on which parents differ. */
final readonly class When
{
    /**
     * @param string       $setting for example "difference"
     * @param string       $answer  the answer for which it holds
     * @param list<string> $also    steps it needs besides
     * @param list<string> $without steps it does not need
     * @param Form|null    $no      a form it is not met in
     * @param bool         $leave   true where the step is left out for now
     */
    public function __construct(
        public string $setting,
        public string $answer,
        public array $also = [],
        public array $without = [],
        public ?Form $no = null,
        public bool $leave = false,
    ) {
    }
}
