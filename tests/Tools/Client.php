<?php

declare(strict_types=1);

namespace FoxCorner\Tests\Tools;

use FoxCorner\App\Club\Door\DemoSignIn;

/** Somebody at a running instance, signed in or not, who follows no redirects. */
final readonly class Client
{
    private function __construct(private \CurlHandle $curl, private string $address, public string $team) {}

    /** @param string $who as in "coach"; '' for a stranger */
    public static function of(string $address, string $who, float $patience = 30.0): self
    {
        $curl = curl_init();
        curl_setopt_array($curl, [
            \CURLOPT_RETURNTRANSFER => true,
            \CURLOPT_COOKIEFILE => '',
            \CURLOPT_TIMEOUT_MS => (int) (1000 * $patience),
        ]);
        $stranger = new self($curl, $address, '');
        if ('' === $who) {
            return $stranger;
        }
        $page = $stranger->send('GET', '/sign-in')->body;
        $stranger->send('POST', '/sign-in', [
            'email' => "$who@saltmarsh.example",
            'password' => DemoSignIn::PASSWORD,
            '_csrf_token' => self::field($page, '_csrf_token'),
        ]);
        $home = $stranger->send('GET', '/');

        return new self($curl, $address, ltrim($home->location, '/'));
    }

    /** @param array<mixed> $fields */
    public function send(string $method, string $path, array $fields = []): Answer
    {
        $location = '';
        curl_setopt($this->curl, \CURLOPT_HEADERFUNCTION, static function (\CurlHandle $curl, string $line) use (
            &$location,
        ): int {
            if (0 === stripos($line, 'location:')) {
                $location = trim(substr($line, 9));
            }

            return \strlen($line);
        });
        self::aim($this->curl, $this->address . $path, $method, $fields);
        $body = curl_exec($this->curl);

        return new Answer(
            curl_getinfo($this->curl, \CURLINFO_RESPONSE_CODE),
            curl_getinfo($this->curl, \CURLINFO_TOTAL_TIME),
            \is_string($body) ? $body : '',
            $location,
        );
    }

    /**
     * The same as {@see send}, to be sent together with others.
     *
     * @param array<mixed> $fields
     */
    public function later(string $path, array $fields): \CurlHandle
    {
        $curl = curl_init();
        curl_setopt_array($curl, [\CURLOPT_RETURNTRANSFER => true, \CURLOPT_TIMEOUT => 60]);
        curl_setopt($curl, \CURLOPT_COOKIE, $this->cookie());
        self::aim($curl, $this->address . $path, 'POST', $fields);

        return $curl;
    }

    /** @param array<mixed> $fields */
    private static function aim(\CurlHandle $curl, string $url, string $method, array $fields): void
    {
        curl_setopt($curl, \CURLOPT_URL, '' === $url ? '/' : $url);
        if ('POST' === $method) {
            curl_setopt($curl, \CURLOPT_POST, true);
            curl_setopt($curl, \CURLOPT_POSTFIELDS, http_build_query($fields));
        } else {
            curl_setopt($curl, \CURLOPT_HTTPGET, true);
        }
        curl_setopt($curl, \CURLOPT_CUSTOMREQUEST, '' === $method ? 'GET' : $method);
    }

    /** @return non-empty-string */
    private function cookie(): string
    {
        $cookies = implode(
            '; ',
            array_map(
                static fn(string $line): string => implode('=', \array_slice(explode("\t", $line), 5, 2)),
                curl_getinfo($this->curl, \CURLINFO_COOKIELIST),
            ),
        );

        return '' === $cookies ? throw new \LogicException('Nobody is signed in.') : $cookies;
    }

    /** The token that changes of this visitor's team want. */
    public function token(): string
    {
        return self::field($this->send('GET', "/$this->team/you")->body, '_token');
    }

    private static function field(string $page, string $name): string
    {
        return 1 === preg_match('/name="' . $name . '" value="([^"]+)"/', $page, $found) ? $found[1] : '';
    }
}
