<?php

declare(strict_types=1);

namespace Pindle\App\Household;

use Doctrine\ORM\EntityManagerInterface;
use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Http\Refusal;
use Pindle\Core\Calendar\Week;
use Symfony\Contracts\Service\ResetInterface;

/** When the house does maths, as far as its parent has said so. */
final class Weeks implements ResetInterface
{
    /** What was over so many days before is forgotten. */
    private const KEPT_DAYS = 60;

    /** As read in this request; false before. */
    private WeekEntity|false|null $kept = false;

    public function __construct(
        private readonly EntityManagerInterface $entities,
        private readonly Changes $changes,
        private readonly Clock $clock,
    ) {
    }

    public function reset(): void
    {
        $this->kept = false;
    }

    /** Null before anything was said. */
    public function said(): ?Week
    {
        return $this->kept()?->week();
    }

    /** Counts its changes; 0 before the first. */
    public function version(): int
    {
        return $this->kept()->version ?? 0;
    }

    public function canGoBack(): bool
    {
        return $this->kept()?->canGoBack() ?? false;
    }

    /**
     * @param callable(Week): Week $change
     * @param Week                 $before  what it is before anything was said
     * @param int                  $version the parent saw
     *
     * @throws Refusal 409 when it was changed meanwhile
     */
    public function change(callable $change, Week $before, int $version): void
    {
        $this->write($version, function (?WeekEntity $kept) use ($change, $before): WeekEntity {
            $kept ??= new WeekEntity($before);
            $kept->change($change($kept->week())->since($this->clock->today()->plusDays(-self::KEPT_DAYS)));

            return $kept;
        });
    }

    /**
     * Takes the last change back.
     *
     * @throws Refusal 409 when it was changed meanwhile, or there is nothing to take back
     */
    public function back(int $version): void
    {
        $this->write($version, static function (?WeekEntity $kept): WeekEntity {
            if (null === $kept || !$kept->canGoBack()) {
                throw Refusal::conflict('version', 'There is nothing to take back. Nothing was changed.');
            }
            $kept->back();

            return $kept;
        });
    }

    /** @param callable(?WeekEntity): WeekEntity $how */
    private function write(int $version, callable $how): void
    {
        $this->changes->make(function () use ($version, $how): void {
            $kept = $this->entities->find(WeekEntity::class, WeekEntity::ID);
            if (null !== $kept) {
                $this->entities->refresh($kept);
            }
            if (($kept->version ?? 0) !== $version) {
                throw Refusal::changedMeanwhile();
            }
            $this->entities->persist($how($kept));
        });
        $this->reset();
    }

    private function kept(): ?WeekEntity
    {
        return false === $this->kept ? $this->kept = $this->entities->find(WeekEntity::class, WeekEntity::ID) : $this->kept;
    }
}
