<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Pindle\Core\Activity\BrokenFormula;
use Pindle\Core\Activity\Formula;

final class FormulaTest extends TestCase
{
    #[TestWith(['n', 8])]
    #[TestWith(['a + b', 8])]
    #[TestWith(['3 * r', 30])]
    #[TestWith(['min(3 * r, 20) + 1', 21])]
    #[TestWith(['r * (r + 1) / 2', 55])]
    #[TestWith(['n / 3', 3])]
    #[TestWith(['a - r', 0])]
    #[TestWith(['max(a, b)', 5])]
    public function test_counts(string $formula, int $count): void
    {
        self::assertSame($count, Formula::parse($formula)->count(['n' => 8, 'a' => 3, 'b' => 5, 'r' => 10, 'sum' => 17]));
    }

    #[TestWith([''])]
    #[TestWith(['n +'])]
    #[TestWith(['n n'])]
    #[TestWith(['x'])]
    #[TestWith(['min(n)'])]
    #[TestWith(['(n'])]
    #[TestWith(['n / 0'])]
    #[TestWith(['system("ls")'])]
    public function test_a_broken_formula_is_refused_with_the_place(string $formula): void
    {
        $this->expectException(BrokenFormula::class);
        Formula::parse($formula);
    }
}
