<?php

declare(strict_types=1);

use Doctrine\ORM\EntityManagerInterface;
use Pindle\App\Household\Children;
use Pindle\App\Platform\Kernel;
use Pindle\App\Record\Evidence;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Evidence\Attempt;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Skill\SkillMap;
use Psr\Container\ContainerInterface;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;

/*
 * ./pindle bench years: what the same requests take in a household of thirty days and in one of five years, three children each.
 * Ratios are of medians in one run.
 */

require dirname(__DIR__).'/vendor/autoload.php';

ini_set('memory_limit', '2G');

const TODAY = '2026-03-04';
const A_DAY = 15;
/** How late a tap comes, in days. */
const LATE = [1, 7, 28, 60, 180, 365, 730, 1800];

/** A household of so many days. @return callable(string, string, ?array<string, mixed>): array{Response, float} sends a request; answer and milliseconds */
function household(int $days): callable
{
    $data = sys_get_temp_dir().'/pindle-years-'.getmypid().'-'.$days;
    (new Filesystem())->mkdir($data);
    register_shutdown_function(static fn () => (new Filesystem())->remove($data));
    $use = static function () use ($data): void {
        foreach ([
            'APP_ENV' => 'test', 'APP_SECRET' => 'bench', 'PINDLE_DATA' => $data, 'DATABASE_URL' => 'sqlite:///'.$data.'/pindle.sqlite',
            'PINDLE_TODAY' => TODAY, 'PINDLE_ZONE' => 'Europe/London', 'PINDLE_DEMO' => '0', 'PINDLE_HOSTS' => 'localhost', 'PINDLE_LOG' => $data.'/log',
        ] as $name => $value) {
            $_SERVER[$name] = $_ENV[$name] = $value;
            putenv($name.'='.$value);
        }
    };
    $use();
    passthru('php '.escapeshellarg(dirname(__DIR__).'/bin/console').' doctrine:migrations:migrate --no-interaction --quiet');
    $send = static function (string $method, string $path, ?array $body = null) use ($use): array {
        $use();
        $kernel = new Kernel('test', false);
        $kernel->boot();
        $request = Request::create('/api'.$path, $method, server: [
            'HTTP_HOST' => 'localhost',
            'HTTP_ACCEPT' => 'application/json',
            'CONTENT_TYPE' => 'application/json',
            'HTTP_SEC_FETCH_SITE' => 'same-origin',
        ], content: null === $body ? '' : json_encode((object) $body, \JSON_THROW_ON_ERROR));
        $started = hrtime(true);
        $response = $kernel->handle($request);
        $took = (hrtime(true) - $started) / 1e6;
        $kernel->shutdown();
        $response->getStatusCode() < 400 || exit($method.' '.$path.': '.$response->getContent()."\n");

        return [$response, $took];
    };
    foreach ([['Wren', '2018-03-01'], ['Lark', '2019-06-01'], ['Pip', '2021-01-01']] as [$name, $born]) {
        $send('POST', '/children', ['name' => $name, 'born' => $born]);
    }
    $send('POST', '/cupboard/tick', ['shipped' => ['corks', 'clothes-pegs', 'jar-lids', 'socks', 'cups']]);
    $kernel = new Kernel('test', false);
    $kernel->boot();
    $services = $kernel->getContainer()->get('test.service_container');
    assert($services instanceof ContainerInterface);
    fill($services, $days);
    $kernel->shutdown();
    $send('POST', '/today/plan', []);

    return $send;
}

function fill(ContainerInterface $services, int $days): void
{
    [$children, $evidence, $map, $entities] = array_map(
        $services->get(...),
        [Children::class, Evidence::class, SkillMap::class, EntityManagerInterface::class],
    );
    assert($children instanceof Children && $evidence instanceof Evidence && $map instanceof SkillMap && $entities instanceof EntityManagerInterface);
    $today = LocalDate::parse(TODAY);
    $random = new Randomizer(new Xoshiro256StarStar(11));
    $ids = array_keys($map->steps);
    $outcomes = [Outcome::AtOnce, Outcome::AtOnce, Outcome::AtOnce, Outcome::WorkedItOut, Outcome::WithHelp, Outcome::NotYet];
    foreach ($children->present($today) as $child) {
        for ($day = $days; $day >= 1; --$day) {
            $on = $today->plusDays(-$day);
            // A few steps at a time, that move up the map over the years.
            $from = (int) ((count($ids) - 40) * (1 - $day / $days));
            for ($i = 0; $i < A_DAY; ++$i) {
                $id = $ids[$from + $random->getInt(0, 30)];
                $evidence->keep(new Attempt(
                    sprintf('%s-%05d-%02d', substr($child->id, -20), $day, $i),
                    $id,
                    sprintf('%s-%05d-%d', substr($child->id, -12), $day, intdiv($i, 5)),
                    'activity-'.$random->getInt(0, 5),
                    $map->steps[$id]->firstForm(),
                    Help::Bare,
                    ['thing-'.$random->getInt(0, 6)],
                    'q'.$random->getInt(0, 39),
                    null,
                    $outcomes[$random->getInt(0, 5)], null, null, $on->toDateTime()->modify('+'.(9 * 3600 + $i * 40).' seconds'), $on, 'device',
                ), $child->id, 'q'.$i);
            }
            if (0 === $day % 100) {
                $entities->flush();
                $entities->clear();
            }
        }
        $entities->flush();
        $entities->clear();
    }
}

/** @param list<float> $values */
function median(array $values): float
{
    sort($values);

    return $values[intdiv(count($values), 2)];
}

/** @return array<string, float> milliseconds, and bytes of the largest page of evidence */
function measure(callable $send, int $days): array
{
    $json = static fn (array $answer): array => (array) json_decode((string) $answer[0]->getContent(), true, 512, \JSON_THROW_ON_ERROR);
    $took = [];
    $send('GET', '/activities');
    foreach (range(1, 7) as $i) {
        $took['cheapest answer'][] = $send('GET', '/children')[1];
        $took['activities'][] = $send('GET', '/activities')[1];
    }
    foreach (['taking-begins' => 'how it is said', 'can-do-rule' => 'when it is Secure'] as $setting => $what) {
        $house = $json($send('GET', '/house'));
        $answers = array_column($house['questions'], 'answers', 'id')[$setting];
        [, $took['setting: '.$what][]] = $send('PUT', '/house', ['settings' => [$setting => $answers[1]['id']], 'version' => $house['version']]);
        [, $took['Map of one child after it ('.$setting.')'][]] = $send('GET', '/map/'.$json($send('GET', '/children'))['present'][0]['id']);
        [, $took['Today after it ('.$setting.')'][]] = $send('GET', '/today');
    }
    $childId = $json($send('GET', '/children'))['present'][0]['id'];
    $setUp = $json($send('GET', '/today'))['setUps'][0];
    $turns = $json($send('GET', '/table/'.$setUp['id']))['turns'];
    foreach (array_slice($turns, 0, 7) as $i => $turn) {
        $tap = ['id' => sprintf('0195a000-0000-4000-8000-%012d', $i), 'sittingId' => $turn['sittingId'], 'questionId' => $turn['questionId']]
            + ['outcome' => 'at-once', 'help' => 'bare', 'deviceId' => '0195a000-0000-4000-8000-00000000dddd'];
        if (0 === $i) {
            $send('POST', '/table/'.$setUp['id'].'/attempts', $tap + ['at' => 1000 * time()]);
            continue;
        }
        // Late: before the one that is there already.
        $took['a late tap'][] = $send('POST', '/table/'.$setUp['id'].'/attempts', $tap + ['at' => 1000 * (time() - 600 * $i)])[1];
        $took['take back'][] = $send('DELETE', '/table/attempts/'.$tap['id'])[1];
    }
    $more = 100;
    foreach (LATE as $ago) {
        if ($ago > $days) {
            continue;
        }
        foreach (array_slice($turns, 1, 5) as $turn) {
            $tap = ['id' => sprintf('0195a000-0000-4000-8000-%012d', ++$more), 'sittingId' => $turn['sittingId'], 'questionId' => $turn['questionId']]
                + ['outcome' => 'at-once', 'help' => 'bare', 'deviceId' => '0195a000-0000-4000-8000-00000000dddd'];
            $took["a tap $ago days late"][] = $send('POST', '/table/'.$setUp['id'].'/attempts', $tap + ['at' => 1000 * (time() - 86_400 * $ago)])[1];
            $took["take back, $ago days late"][] = $send('DELETE', '/table/attempts/'.$tap['id'])[1];
        }
    }
    foreach (['the first time' => 1, 'after a tap' => 3] as $when => $times) {
        for ($i = 0; $i < $times; ++$i) {
            $turn = $turns[1];
            $tap = ['id' => sprintf('0195a000-0000-4000-8000-%012d', ++$more), 'sittingId' => $turn['sittingId'], 'questionId' => $turn['questionId']]
                + ['outcome' => 'at-once', 'help' => 'bare', 'deviceId' => '0195a000-0000-4000-8000-00000000dddd'];
            'the first time' === $when || $send('POST', '/table/'.$setUp['id'].'/attempts', $tap + ['at' => 1000 * time()]);
            $took['Journal of a child '.$when][] = $send('GET', '/journal/children/'.$childId)[1];
            $took['Letter of a child '.$when][] = $send('GET', '/journal/children/'.$childId.'/letter')[1];
            $took['Journal '.$when][] = $send('GET', '/journal')[1];
            $took['Year '.$when][] = $send('GET', '/journal/year')[1];
            'the first time' === $when || $send('DELETE', '/table/attempts/'.$tap['id']);
        }
    }
    $largest = 0;
    foreach (array_slice(array_unique(array_column($turns, 'stepId')), 0, 3) as $step) {
        $largest = max($largest, strlen((string) $send('GET', '/map/'.$childId.'/'.rawurlencode((string) $step))[0]->getContent()));
    }

    return array_map(median(...), $took) + ['largest evidence, bytes' => (float) $largest];
}

$young = measure(household(30), 30);
$old = measure(household(5 * 365), 5 * 365);
// What the young house has no such history for is held against its oldest.
$beside = static fn (string $what): float => $young[$what] ?? $young[preg_replace('/\d+ days late/', '28 days late', $what)];
printf("%-42s %12s %12s %8s\n", '', '30 days', 'five years', 'ratio');
foreach ($old as $what => $value) {
    printf("%-42s %12.1f %12.1f %8.2f\n", $what, $beside($what), $value, $value / $beside($what));
}
