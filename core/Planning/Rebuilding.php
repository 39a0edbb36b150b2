<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

/**
 * Takes out a part of a day that is being filled and builds it anew, in which no little one is too long without company (ruin and recreate; Schrimpf and
 * others 2000): what an older child and little ones get hangs together too closely to be found one by one.
 */
final readonly class Rebuilding
{
    /** A part of the day is of up to so many minutes, or all the rest; it is built until so many draws bring nothing. */
    private const WHILE = 30;
    private const IN_VAIN = 4;

    private Company $company;

    public function __construct(private Filling $filling, private Chance $chance, private Draw $draw)
    {
        $this->company = new Company($filling, $chance);
    }

    /**
     * All that begins from a time on, or for a while from then, out; and one in after the other as long as the day gains and little ones have company.
     *
     * @param list<Placed> $now
     *
     * @return list<Placed>
     */
    public function from(array $now, int $from, float $warmth): array
    {
        $until = $this->chance->inTen(5) ? $from + $this->chance->upTo(self::WHILE) : \PHP_INT_MAX;
        $out = static fn (Placed $one): bool => $one->stint->start >= $from && $one->stint->start <= $until;
        $next = array_values(array_filter($now, static fn (Placed $one): bool => !$out($one)));
        $worth = $this->filling->worth($next);
        for ($inVain = 0; $inVain < self::IN_VAIN;) {
            $more = $this->onTop($next, $worth, $from, $warmth);
            $more = null === $more ? null : $this->company->kept($more);
            $is = null === $more ? -\INF : $this->filling->worth($more);
            if (null === $more || $is <= $worth) {
                ++$inVain;
            } else {
                [$next, $worth] = [$more, $is];
            }
        }

        return $next;
    }

    /**
     * With one more, as long as it can be.
     *
     * @param list<Placed> $rest
     *
     * @return list<Placed>|null
     */
    private function onTop(array $rest, float $least, int $from, float $warmth): ?array
    {
        foreach ($this->draw->some($rest, null, $warmth) as [, $option, $length]) {
            $next = $this->filling->mayCome($rest, $option) ? $this->filling->fitted($rest, $option, $length, $from, $least) : null;
            if (null !== $next) {
                return $next;
            }
        }

        return null;
    }
}
