<?php

declare(strict_types=1);

namespace Pindle\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * Four marks and a flag: Not met, Begun, Nearly, Can do. Closing marks have a table of their own; those kept as notes until now move there.
 * What an attempt was for is said in one word.
 */
final class Version20261129090000 extends AbstractMigration
{
    private const MARKS = ['new' => 'not-met', 'trying' => 'begun', 'steady' => 'nearly', 'secure' => 'can-do', 'look-again' => 'can-do'];
    private const REASONS = ['nearly-secure' => 'almost-there', 'became-secure' => 'became-can-do'];

    public function up(Schema $schema): void
    {
        $this->addSql(<<<'SQL'
            CREATE TABLE closing (id VARCHAR(36) NOT NULL, child_id VARCHAR(36) NOT NULL, step_id VARCHAR(40) NOT NULL,
                sitting_id VARCHAR(36) NOT NULL, activity_id VARCHAR(40) NOT NULL, form VARCHAR(10) DEFAULT NULL, thing_ids CLOB NOT NULL,
                mark VARCHAR(15) NOT NULL, covers INTEGER NOT NULL, alone INTEGER DEFAULT NULL, of_all INTEGER DEFAULT NULL, at BIGINT NOT NULL,
                day VARCHAR(10) NOT NULL, device_id VARCHAR(36) NOT NULL, removed_at BIGINT DEFAULT NULL, PRIMARY KEY (id))
            SQL);
        $this->addSql('CREATE INDEX closing_of_step ON closing (child_id, step_id, at)');
        $this->addSql('CREATE INDEX closing_of_sitting ON closing (sitting_id)');
        $this->moveNotes();

        $this->addSql("ALTER TABLE attempt ADD purpose VARCHAR(10) DEFAULT 'sitting' NOT NULL");
        $this->addSql("UPDATE attempt SET purpose = 'look' WHERE is_look = 1");
        $this->addSql('ALTER TABLE attempt DROP COLUMN is_look');

        foreach (['record', 'checkpoint'] as $table) {
            $this->addSql('ALTER TABLE '.$table." ADD looks VARCHAR(60) DEFAULT '[0,0,0]' NOT NULL");
        }
        // Records follow from the evidence and are made anew by the new rules.
        foreach (['record', 'checkpoint', 'step_state'] as $table) {
            $this->addSql('DELETE FROM '.$table);
        }
        foreach (self::MARKS as $old => $new) {
            $this->addSql('UPDATE note SET mark = ? WHERE mark = ?', [$new, $old]);
            foreach (['before', 'after'] as $when) {
                $this->addSql('UPDATE sitting SET courses = REPLACE(courses, ?, ?)', ['"'.$when.'":"'.$old.'"', '"'.$when.'":"'.$new.'"']);
            }
        }
        foreach (self::REASONS as $old => $new) {
            $this->addSql('UPDATE sitting SET courses = REPLACE(courses, ?, ?)', ['"reason":"'.$old.'"', '"reason":"'.$new.'"']);
        }
        foreach (['child', 'house'] as $table) {
            $this->addSql('UPDATE '.$table.' SET settings = REPLACE(settings, ?, ?)', ['"secure-rule"', '"can-do-rule"']);
        }
    }

    /** One outcome for a whole sitting, and the first morning's mark: until now notes of a witness. */
    private function moveNotes(): void
    {
        $mark = "CASE n.outcome WHEN 'at-once' THEN 'all-alone' WHEN 'worked-it-out' THEN 'mostly-alone' WHEN 'with-help' THEN 'mostly-with-me' ELSE 'not-yet' END";
        $this->addSql(<<<SQL
            INSERT INTO closing (id, child_id, step_id, sitting_id, activity_id, form, thing_ids, mark, covers, at, day, device_id, removed_at)
            SELECT n.id, n.child_id, n.step_id, n.sitting_id, u.activity_id, json_extract(s.courses, '$[0].form'), '[]', {$mark},
                json_array_length(s.questions), n.at, n.day, n.device_id, n.removed_at
            FROM note n JOIN sitting s ON s.id = n.sitting_id JOIN set_up u ON u.id = s.set_up_id WHERE n.outcome IS NOT NULL
            SQL);
        $this->addSql(<<<SQL
            INSERT INTO closing (id, child_id, step_id, sitting_id, activity_id, form, thing_ids, mark, covers, at, day, device_id, removed_at)
            SELECT n.id, n.child_id, n.step_id, n.id, COALESCE((SELECT activity_id FROM evening), 'first-evening'), NULL, '[]', {$mark}, 4, n.at, n.day, n.device_id, n.removed_at
            FROM note n WHERE n.outcome IS NOT NULL AND n.sitting_id IS NULL AND n.note LIKE 'The first morning:%'
            SQL);
        $this->addSql('DELETE FROM note WHERE id IN (SELECT id FROM closing)');
    }
}
