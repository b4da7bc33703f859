<?php

declare(strict_types=1);

namespace FoxCorner\Bench;

/** Forty phones that follow one practice while a coach turns its clock: how late each of them hears of it. */
final class PhoneCrowd
{
    private const PHONES = 40;
    /** s between two looks of a phone at the clock, as its script does it; between two turns; of it all. */
    private const EVERY = 1.5;
    private const TURN_EVERY = 4.0;
    private const LASTS = 30.0;

    /** @var list<Visitor> */
    private array $phones = [];
    /** @var list<float> s until a phone had the new page */
    private array $late = [];
    /** @var list<float> ms of a look */
    private array $looks = [];

    private function __construct(private readonly Visitor $coach, private readonly string $practice) {}

    public static function print(string $address, Visitor $coach): void
    {
        $form = $coach->get('/practice/new');
        preg_match_all('~name="(practice_form[^"]+)"[^>]* value="([^"]*)"~', $form, $fields, \PREG_SET_ORDER);
        $said = implode(
            '&',
            array_map(
                static fn(array $field): string => urlencode($field[1]) .
                    '=' .
                    urlencode(html_entity_decode($field[2])),
                $fields,
            ),
        );
        parse_str(
            $said .
                '&' .
                http_build_query(['practice_form' => ['part' => 'whole', 'whoHelps' => "A, hits\nB, hits\nC"]]),
            $values,
        );
        $coach->post('/practice/new', $values);
        while (str_contains($coach->path(), '/practice/solving/')) {
            usleep(200_000);
            $coach->get($coach->path());
        }
        $crowd = new self($coach, $coach->path());
        for ($phone = 0; $phone < self::PHONES; ++$phone) {
            $crowd->phones[] = Visitor::signIn($address) ?? throw new \RuntimeException('A phone could not sign in.');
        }
        $crowd->run();
        $crowd->coach->post("$crowd->practice/remove", ['_token' => self::token($coach->get($crowd->practice))]);
        printf("\n%-58s\n", \sprintf('%d phones follow a practice for %d s', self::PHONES, self::LASTS));
        printf(
            "%-58s %9.1f ms %9.1f ms at the 95th\n",
            'a look at the clock, median',
            Timing::quantile($crowd->looks, 0.5),
            Timing::quantile($crowd->looks, 0.95),
        );
        printf(
            "%-58s %9.2f s  %9.2f s at the most\n",
            'a turn of the clock until a phone shows it, median',
            Timing::quantile($crowd->late, 0.5),
            Timing::quantile($crowd->late, 1.0),
        );
    }

    private function run(): void
    {
        $this->turn('start');
        $multi = curl_multi_init();
        $begun = microtime(true);
        $edition = array_fill(0, self::PHONES, 0);
        $next = array_map(
            static fn(int $phone): float => $begun + ($phone * self::EVERY) / self::PHONES,
            range(0, self::PHONES - 1),
        );
        $open = [];
        $turned = $begun;
        $waits = [];
        while (microtime(true) < $begun + self::LASTS) {
            $now = microtime(true);
            if ($now > $turned + self::TURN_EVERY) {
                $this->turn('longer');
                [$turned, $waits] = [microtime(true), array_fill(0, self::PHONES, true)];
            }
            foreach ($next as $phone => $when) {
                if ($when <= $now && !isset($open[$phone])) {
                    $open[$phone] = [$this->phones[$phone]->request("$this->practice/run/state"), true];
                    curl_multi_add_handle($multi, $open[$phone][0]);
                }
            }
            curl_multi_exec($multi, $running);
            curl_multi_select($multi, 0.01);
            while (false !== ($done = curl_multi_info_read($multi))) {
                foreach ($open as $phone => [$curl, $isLook]) {
                    if ($curl !== $done['handle']) {
                        continue;
                    }
                    $state = json_decode((string) curl_multi_getcontent($curl), true);
                    curl_multi_remove_handle($multi, $curl);
                    unset($open[$phone]);
                    if ($isLook && \is_array($state) && \is_int($state['edition'])) {
                        $this->looks[] = 1000 * curl_getinfo($curl, \CURLINFO_TOTAL_TIME);
                        $next[$phone] = microtime(true) + self::EVERY;
                        if ($state['edition'] !== $edition[$phone]) {
                            // What has changed comes as a page, as on a real phone.
                            $edition[$phone] = $state['edition'];
                            $open[$phone] = [$this->phones[$phone]->request("$this->practice/run"), false];
                            curl_multi_add_handle($multi, $open[$phone][0]);
                        }
                    } elseif ($waits[$phone] ?? false) {
                        $this->late[] = microtime(true) - $turned;
                        $waits[$phone] = false;
                    }
                }
            }
        }
    }

    private function turn(string $do): void
    {
        $page = $this->coach->get("$this->practice/run");
        preg_match('~name="index" value="(\d+)"~', $page, $index);
        $this->coach->post("$this->practice/run/turn", [
            '_token' => self::token($page),
            'index' => $index[1] ?? 0,
            'do' => $do,
            'minutes' => 1,
        ]);
    }

    private static function token(string $page): string
    {
        return 1 === preg_match('~name="_token" value="([^"]+)"~', $page, $token)
            ? $token[1]
            : throw new \RuntimeException('The page has no token.');
    }
}
