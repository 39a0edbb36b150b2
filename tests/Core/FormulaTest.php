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

    public function test_it_is_tried_with_every_case_it_may_meet(): void
    {
        $values = ['n' => range(0, 20), 'a' => range(1, 9), 'b' => [0], 'r' => [5, 10, 20], 'sum' => range(0, 60)];
        foreach (['n / a', 'max(a, n / 2)', '100 / (n + 1)', '10 / (r - 4)', 'sum * 3'] as $right) {
            Formula::parse($right)->try($values);
        }
        $wrongs = ['10 / (n + b)' => 'b = 0, n = 0', '5 / (r - 10)' => 'r = 10', 'a / (sum - 60)' => 'sum = 60', '1 / (n - a - 11)' => 'n = '];
        foreach ($wrongs as $wrong => $case) {
            try {
                Formula::parse($wrong)->try($values);
                self::fail($wrong);
            } catch (BrokenFormula $e) {
                self::assertStringContainsString($case, $e->getMessage());
            }
        }
    }

    public function test_what_is_too_tangled_to_try_is_refused_at_the_limit(): void
    {
        Formula::parse('1 / (1 + n + sum)')->try(['n' => range(1, 100), 'sum' => range(1, 1000)]);
        $this->expectException(BrokenFormula::class);
        Formula::parse('1 / (1 + n + sum)')->try(['n' => range(1, 101), 'sum' => range(1, 1000)]);
    }

    public function test_a_count_stays_a_whole_number(): void
    {
        self::assertSame(Formula::MOST, Formula::parse('9999999999 * 9999999999 * n')->count(['n' => 9, 'a' => 0, 'b' => 0, 'r' => 5, 'sum' => 0]));
    }
}
