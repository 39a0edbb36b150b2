<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

use Doctrine\ORM\EntityManagerInterface;
use Pindle\App\Platform\Database\Transactions;
use Pindle\App\Platform\Http\Refusal;

/** The letters as the parent left them. */
final readonly class Letters
{
    public function __construct(private EntityManagerInterface $entities, private Transactions $transactions)
    {
    }

    public function find(string $childId, string $month): ?LetterEntity
    {
        return $this->entities->find(LetterEntity::class, ['childId' => $childId, 'month' => $month]);
    }

    /**
     * @param int $version the parent saw; 0 where none was kept
     *
     * @throws Refusal 409 when it was changed meanwhile
     */
    public function keep(string $childId, string $month, string $text, ?string $photographId, int $version): void
    {
        $this->transactions->run(function () use ($childId, $month, $text, $photographId, $version): void {
            $letter = $this->find($childId, $month);
            if (null !== $letter) {
                $this->entities->refresh($letter);
            }
            if (($letter->version ?? 0) !== $version) {
                throw Refusal::changedMeanwhile();
            }
            $letter ??= new LetterEntity($childId, $month);
            [$letter->text, $letter->photographId] = [$text, $photographId];
            $this->entities->persist($letter);
        });
    }

    /** What was written is let go; the letter is as Pindle suggests it. */
    public function forget(string $childId, string $month): void
    {
        $this->transactions->run(function () use ($childId, $month): void {
            $letter = $this->find($childId, $month);
            if (null !== $letter) {
                $this->entities->remove($letter);
            }
        });
    }
}
