<?php

declare(strict_types=1);

namespace Pindle\App\Household;

use Doctrine\DBAL\Exception as DatabaseError;
use Doctrine\ORM\EntityManagerInterface;
use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Http\Refusal;
use Pindle\Core\Activity\HouseRule;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Child\CoinSet;
use Pindle\Core\Journal\YearStart;
use Pindle\Core\Planning\Repertoire;
use Symfony\Contracts\Service\ResetInterface;

/** What holds for the whole house. */
final class House implements ResetInterface
{
    /** As read in this request; false before. */
    private HouseEntity|false|null $kept = false;

    public function __construct(private readonly EntityManagerInterface $entities, private readonly Changes $changes)
    {
    }

    public function reset(): void
    {
        $this->kept = false;
    }

    /** @return array<string, string> setting => answer, where the house has chosen one */
    public function settings(): array
    {
        return $this->kept()->settings ?? [];
    }

    /** @return list<HouseRule> what it does without; a rule that is not known any more is none */
    public function rules(): array
    {
        return array_values(array_filter(array_map(HouseRule::tryFrom(...), $this->kept()->rules ?? [])));
    }

    /** What it pays with. */
    public function coins(): CoinSet
    {
        $coins = $this->kept()?->coins;

        return null === $coins ? CoinSet::play() : CoinSet::parse($coins);
    }

    /** Counts its changes; 0 before the first. */
    public function version(): int
    {
        return $this->kept()->version ?? 0;
    }

    /**
     * @param array<string, string> $settings setting => answer
     * @param list<HouseRule>       $rules    what it does without
     * @param CoinSet               $coins    it pays with
     * @param int                   $version  the parent saw
     *
     * @throws Refusal 409 when it was changed meanwhile
     */
    public function change(array $settings, array $rules, CoinSet $coins, int $version): void
    {
        $this->changes->make(function () use ($version, $settings, $rules, $coins): void {
            $house = $this->entities->find(HouseEntity::class, HouseEntity::ID);
            if (null !== $house) {
                $this->entities->refresh($house);
            }
            if (($house->version ?? 0) !== $version) {
                throw Refusal::changedMeanwhile();
            }
            $house ??= new HouseEntity();
            $house->settings = $settings;
            $house->coins = $coins->toString();
            $house->rules = array_map(static fn (HouseRule $rule): string => $rule->value, $rules);
            $this->entities->persist($house);
        });
        $this->reset();
    }

    /** The house's clock, in the household's own time zone; in the machine's before one was chosen. */
    public function clock(string $fixedToday, string $zoneName): Clock
    {
        try {
            $zone = $this->kept()?->zone;
            // One that is no zone is named in the House, and the machine's own stands in.
            $zone = null !== $zone && Clock::isZone($zone) ? $zone : null;
        } catch (DatabaseError) {
            // A household that is only about to be made, or cannot be opened.
            $zone = null;
        }

        return new Clock($fixedToday, $zone ?? $zoneName);
    }

    /** The zone that was chosen; null for the machine's own. */
    public function zone(): ?string
    {
        return $this->kept()?->zone;
    }

    /** From now on the days of the household are those of this zone. */
    public function moveTo(string $zone): void
    {
        $this->set(static function (HouseEntity $house) use ($zone): void {
            $house->zone = $zone;
        });
    }

    /** @return list<string> ids of activities of which the parent says that they know them */
    public function knownGames(): array
    {
        return $this->kept()->knownGames ?? [];
    }

    public function newWeekly(): int
    {
        return $this->kept()->newWeekly ?? Repertoire::NEW_A_WEEK;
    }

    /** Says that an activity is known, or that it is not after all. */
    public function know(string $activityId, bool $known): void
    {
        $this->set(static function (HouseEntity $house) use ($activityId, $known): void {
            $others = array_values(array_diff($house->knownGames, [$activityId]));
            $house->knownGames = $known ? [...$others, $activityId] : $others;
        });
    }

    /** @param int $aWeek new activities a week at most, 0 to 5 */
    public function takeUp(int $aWeek): void
    {
        $this->set(static function (HouseEntity $house) use ($aWeek): void {
            $house->newWeekly = $aWeek;
        });
    }

    public function yearStart(): YearStart
    {
        return $this->kept()?->yearStart() ?? new YearStart();
    }

    public function beginYear(YearStart $start): void
    {
        $this->set(static function (HouseEntity $house) use ($start): void {
            $house->yearStarts = \sprintf('%02d-%02d', $start->month, $start->day);
        });
    }

    /** The last day of a low week; null where there is none. */
    public function lowUntil(): ?LocalDate
    {
        $until = $this->kept()?->lowUntil;

        return null === $until ? null : LocalDate::parse($until);
    }

    public function restUntil(?LocalDate $last): void
    {
        $this->set(static function (HouseEntity $house) use ($last): void {
            $house->lowUntil = $last?->toString();
        });
    }

    /** @param callable(HouseEntity): void $change */
    private function set(callable $change): void
    {
        $this->changes->make(function () use ($change): void {
            $house = $this->entities->find(HouseEntity::class, HouseEntity::ID) ?? new HouseEntity();
            $change($house);
            $this->entities->persist($house);
        });
        $this->reset();
    }

    private function kept(): ?HouseEntity
    {
        return false === $this->kept ? $this->kept = $this->entities->find(HouseEntity::class, HouseEntity::ID) : $this->kept;
    }
}
