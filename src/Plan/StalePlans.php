<?php

declare(strict_types=1);

namespace Pindle\App\Plan;

use Doctrine\DBAL\Connection;
use Pindle\App\Household\HouseholdChanged;
use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Database\RowSetAside;
use Pindle\App\Record\EvidenceChanged;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;

/** Marks the plan of today and of every day to come stale when something it follows from has changed: who reads it next plans it first. */
final readonly class StalePlans
{
    public function __construct(private Connection $connection, private Clock $clock)
    {
    }

    #[AsEventListener]
    public function onHousehold(HouseholdChanged $event): void
    {
        $this->mark();
    }

    /** What is seen in a sitting that goes on is for the end of the sitting. */
    #[AsEventListener]
    public function onEvidence(EvidenceChanged $event): void
    {
        if (!$event->isTap && !$this->goesOn($event->sittingId)) {
            $this->mark();
        }
    }

    #[AsEventListener]
    public function onRowSetAside(RowSetAside $event): void
    {
        $this->mark();
    }

    /** The caller is inside a transaction. */
    public function mark(): void
    {
        $this->connection->executeStatement(
            'UPDATE day SET stale = 1, version = version + 1 WHERE date >= ? AND planned > 0',
            [$this->clock->today()->toString()],
        );
    }

    private function goesOn(?string $sittingId): bool
    {
        return null !== $sittingId && false !== $this->connection->fetchOne(
            'SELECT 1 FROM sitting s JOIN set_up u ON u.id = s.set_up_id WHERE s.id = ? AND u.state <> ?',
            [$sittingId, SetUpState::Done->value],
        );
    }
}
