<?php

declare(strict_types=1);

namespace Pindle\App\Household;

use Doctrine\DBAL\Exception\TableNotFoundException;
use Doctrine\DBAL\LockMode;
use Doctrine\DBAL\ParameterType;
use Doctrine\ORM\EntityManagerInterface;
use Pindle\App\Content\ActivityFile;
use Pindle\App\Content\ActivityWords;
use Pindle\App\Content\BrokenContent;
use Pindle\App\Content\CautionFile;
use Pindle\App\Content\ContentFiles;
use Pindle\App\Content\SkillFile;
use Pindle\App\Platform\Database\RowTried;
use Pindle\App\Platform\Http\Refusal;
use Pindle\Core\Activity\Activity;
use Pindle\Core\Activity\Catalogue;
use Pindle\Core\Caution\Cautions;
use Pindle\Core\Caution\Rule;
use Pindle\Core\Caution\Severity;
use Pindle\Core\Skill\SkillMap;
use Psr\Cache\CacheItemPoolInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;

/** The activities that ship with Pindle and the household's own, as one catalogue. */
final class Activities
{
    /** What the id of every own activity begins with. */
    public const PREFIX = 'own-';

    /** What is stored of one and is longer, in bytes, is not even read. */
    private const LARGEST = 1_000_000;

    /** So many of the household's own are kept. */
    public const MOST = 200;

    /** @var array<string, array<array-key, mixed>>|null id => as it is written */
    private ?array $own = null;

    private ?Composed $composed = null;

    public function __construct(
        private readonly ActivityFile $file,
        private readonly SkillFile $skills,
        private readonly EntityManagerInterface $entities,
        private readonly Changes $changes,
        private readonly Cautions $cautions,
        private readonly CautionFile $cautionFile,
        private readonly ContentFiles $files,
        private readonly CacheItemPoolInterface $cache,
    ) {
    }

    /** @throws BrokenContent when a shipped activity is broken; own ones that are, are left out */
    public function catalogue(): Catalogue
    {
        return $this->composed()->catalogue;
    }

    /** The skill map; each step keeps only the forms that some activity can show. */
    public function map(): SkillMap
    {
        return $this->composed()->map;
    }

    /** Composing takes longer than most answers, so it is kept until what ships or the household's own change; the code has its own cache folder. */
    private function composed(): Composed
    {
        if (null !== $this->composed) {
            return $this->composed;
        }
        $of = $this->stamp();
        $item = $this->cache->getItem('composed-activities');
        $kept = $item->get();
        $composed = \is_array($kept) && $of === $kept[0] ? $kept[1] : null;
        if (!$composed instanceof Composed) {
            $composed = $this->compose();
            $this->cache->save($item->set([$of, $composed]));
        }

        return $this->composed = $composed;
    }

    /** Another when what ships or the household's own is another. */
    public function stamp(): string
    {
        return hash('xxh128', $this->files->version().serialize($this->ownData()));
    }

    /** @throws BrokenContent */
    private function compose(): Composed
    {
        $activities = $broken = [];
        foreach ($this->all() as $id => $data) {
            try {
                $activity = $this->file->read($id, $data);
                $this->file->words($id, $data);
                $activities[] = self::isOwn($id) ? $this->caring($activity, $data) : $activity;
            } catch (BrokenContent $e) {
                if (!self::isOwn($id)) {
                    throw $e;
                }
                $broken[] = \sprintf('%s: %s: %s', \is_string($data['name'] ?? null) ? $data['name'] : $id, $e->place, $e->reason);
            }
        }
        $catalogue = Catalogue::of($activities, $this->file->props());

        return new Composed($catalogue, $catalogue->narrow($this->skills->map()), $broken);
    }

    /** @throws BrokenContent */
    public function words(string $id): ActivityWords
    {
        return $this->file->words($id, $this->data($id));
    }

    /** @return array<string, mixed> an activity as it is written; empty when there is none */
    public function data(string $id): array
    {
        $data = [];
        foreach ($this->all()[$id] ?? [] as $field => $value) {
            $data[(string) $field] = $value;
        }

        return $data;
    }

    /**
     * What can be read and yet fails later, such as a count that divides by nothing for one number, is of no use.
     *
     * @throws BrokenContent
     */
    #[AsEventListener]
    public function tried(RowTried $event): void
    {
        $own = $event->entity;
        if (!$own instanceof OwnActivityEntity) {
            return;
        }
        try {
            $activity = $this->file->read($own->id, $own->data);
            $this->file->words($own->id, $own->data);
        } catch (BrokenContent) {
            // Left out by the catalogue, and back when the content it was written for is.
            return;
        }
        $this->file->check($activity, $own->data);
    }

    /**
     * An activity in a household's own words, with what rules know it by: it is asked about like what ships.
     *
     * @param array<array-key, mixed> $data
     */
    private function caring(Activity $activity, array $data): Activity
    {
        [$rules, $allergens] = $this->cautions->saidIn(self::text($data));

        return $activity->caring(array_values(array_filter(array_map(static fn (Rule $rule): ?string => $rule->trait, $rules))), $allergens);
    }

    /** @param array<array-key, mixed> $data */
    private static function text(array $data): string
    {
        $texts = [];
        array_walk_recursive($data, static function (mixed $value) use (&$texts): void {
            $texts[] = \is_string($value) ? $value : '';
        });

        return implode(' ; ', $texts);
    }

    /** @return list<string> own activities that cannot be read any more, with the reason; they are left out */
    public function broken(): array
    {
        return $this->composed()->broken;
    }

    public static function isOwn(string $id): bool
    {
        return str_starts_with($id, self::PREFIX);
    }

    /** Which version of an own activity is kept; null for a shipped one. */
    public function version(string $id): ?int
    {
        return $this->entities->find(OwnActivityEntity::class, $id)?->version;
    }

    /**
     * Keeps a new activity of the household's own.
     *
     * @param array<array-key, mixed> $data
     *
     * @throws BrokenContent
     * @throws Refusal       422 when there are too many
     */
    public function add(string $id, array $data): Activity
    {
        $activity = $this->checked($id, $data);
        $this->write(function () use ($id, $data): void {
            if ($this->entities->getRepository(OwnActivityEntity::class)->count() >= self::MOST) {
                throw Refusal::invalid('text', \sprintf('Pindle keeps up to %d activities of your own. Put one away that you do not use.', self::MOST));
            }
            $this->entities->persist(new OwnActivityEntity($id, $data));
        });

        return $activity;
    }

    /**
     * @param array<array-key, mixed> $data
     * @param int                     $version the parent saw
     *
     * @throws BrokenContent
     * @throws Refusal       404 when there is no such own activity
     */
    public function change(string $id, array $data, int $version): Activity
    {
        $own = $this->own($id);
        $this->entities->lock($own, LockMode::OPTIMISTIC, $version);
        $activity = $this->checked($id, $data);
        $this->write(static function () use ($own, $data): void {
            $own->data = $data;
        });

        return $activity;
    }

    /** @throws Refusal 404 when there is no such own activity */
    public function remove(string $id): void
    {
        $own = $this->own($id);
        $this->write(fn () => $this->entities->remove($own));
    }

    /** @throws Refusal 404 */
    public function own(string $id): OwnActivityEntity
    {
        return $this->entities->find(OwnActivityEntity::class, $id) ?? throw Refusal::notFound('id', 'There is no such activity of your own.');
    }

    /**
     * @param array<array-key, mixed> $data
     *
     * @throws BrokenContent
     */
    private function checked(string $id, array $data): Activity
    {
        $activity = $this->file->read($id, $data);
        $this->file->check($activity, $data);
        foreach ($this->cautions->saidIn(self::text($data))[0] as $rule) {
            if (Severity::Refuse === $rule->level) {
                $words = $this->cautionFile->words($rule->id);
                throw Refusal::invalid('text', 'Something in it is never used here. '.$words->why);
            }
        }

        return $this->caring($activity, $data);
    }

    /** @param callable(): void $change */
    private function write(callable $change): void
    {
        $this->changes->make($change);
        $this->own = $this->composed = null;
    }

    /** @return array<string, array<array-key, mixed>> */
    private function all(): array
    {
        return $this->file->shipped() + $this->ownData();
    }

    /** @return array<string, array<array-key, mixed>> */
    private function ownData(): array
    {
        return $this->own ??= $this->readOwn();
    }

    /** @return array<string, array<array-key, mixed>> */
    private function readOwn(): array
    {
        try {
            /** @var array<string, string> $rows */
            $rows = $this->entities->getConnection()->fetchAllKeyValue(
                'SELECT id, CASE WHEN length(data) <= ? THEN data ELSE \'\' END FROM own_activity ORDER BY id',
                [self::LARGEST],
                [ParameterType::INTEGER],
            );
        } catch (TableNotFoundException) {
            // A database that is only about to be made has no activities of its own yet.
            return [];
        }

        return array_map(static function (string $data): array {
            // What cannot be read any more is an activity without anything in it, which is broken and left out.
            $read = json_decode($data, true, 32);

            return \is_array($read) ? $read : [];
        }, $rows);
    }
}
