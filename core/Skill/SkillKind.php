<?php

declare(strict_types=1);

namespace Pindle\Core\Skill;

/** What a skill aims at: usual is "right", quick is "at once"; guess at coming closer; hand and light skills never hold number steps back. */
enum SkillKind: string
{
    case Usual = 'usual';
    case Quick = 'quick';
    case Guess = 'guess';
    case Hand = 'hand';
    case Light = 'light';
}
