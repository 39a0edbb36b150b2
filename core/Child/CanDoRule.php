<?php

declare(strict_types=1);

namespace Pindle\Core\Child;

/** How much has to be seen before a step is Secure. Evidence\CanDoClauses asks the clauses. */
enum CanDoRule: string
{
    case Gentle = 'gentle';
    case Usual = 'usual';
    case Thorough = 'thorough';

    /** The longest window any rule looks back over, in tries. */
    public const LONGEST_WINDOW = 11;

    /** Tries looked back over. */
    public function window(): int
    {
        return match ($this) {
            self::Gentle => 6,
            self::Usual => 8,
            self::Thorough => 11,
        };
    }

    /** Unaided successes wanted in the window. */
    public function successes(): int
    {
        return $this->window() - 1;
    }

    /** Days wanted, at least 18 hours apart. */
    public function days(): int
    {
        return self::Thorough === $this ? 3 : 2;
    }

    /** Unaided answers wanted that were open. */
    public function openAnswers(): int
    {
        return match ($this) {
            self::Gentle => 3,
            self::Usual => 4,
            self::Thorough => 6,
        };
    }
}
