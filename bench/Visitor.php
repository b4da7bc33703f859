<?php

declare(strict_types=1);

namespace FoxCorner\Bench;

use FoxCorner\App\Club\Door\DemoSignIn;
use Symfony\Component\DomCrawler\Crawler;

/** Somebody signed in to a running instance, over one kept connection. */
final readonly class Visitor
{
    /** @param non-empty-string $team the address of the team's pages */
    private function __construct(private \CurlHandle $curl, private string $team) {}

    /** Null when nobody answers there, or the demo is not loaded. */
    public static function signIn(string $address): ?self
    {
        $curl = curl_init();
        curl_setopt_array($curl, [
            \CURLOPT_RETURNTRANSFER => true,
            \CURLOPT_COOKIEFILE => '',
            \CURLOPT_FOLLOWLOCATION => true,
            \CURLOPT_TIMEOUT => 10,
            \CURLOPT_URL => "$address/sign-in",
        ]);
        $page = curl_exec($curl);
        if (!\is_string($page) || 1 !== preg_match('/name="_csrf_token" value="([^"]+)"/', $page, $token)) {
            return null;
        }
        curl_setopt_array($curl, [
            \CURLOPT_POSTFIELDS => http_build_query([
                'email' => DemoSignIn::EMAIL,
                'password' => DemoSignIn::PASSWORD,
                '_csrf_token' => $token[1],
            ]),
        ]);
        curl_exec($curl);
        $team = curl_getinfo($curl, \CURLINFO_EFFECTIVE_URL);
        curl_setopt_array($curl, [\CURLOPT_HTTPGET => true, \CURLOPT_FOLLOWLOCATION => false]);

        return 1 === preg_match('~/[a-z0-9-]+$~', $team) ? new self($curl, $team) : null;
    }

    /** The page at a path, or at an address; followed through redirects. */
    public function get(string $path): string
    {
        return $this->fetch($path, [\CURLOPT_HTTPGET => true]);
    }

    /** The same to look for things in. */
    public function page(string $path): Crawler
    {
        return new Crawler($this->get($path), $this->address($path));
    }

    /** @param array<mixed> $fields */
    public function post(string $path, array $fields): string
    {
        return $this->fetch($path, [\CURLOPT_POST => true, \CURLOPT_POSTFIELDS => http_build_query($fields)]);
    }

    /** A request of this visitor that is not sent yet, for many at the same time. */
    public function request(string $path): \CurlHandle
    {
        $curl = curl_init();
        curl_setopt_array($curl, [
            \CURLOPT_RETURNTRANSFER => true,
            \CURLOPT_TIMEOUT => 10,
            \CURLOPT_URL => $this->team . $path,
            \CURLOPT_COOKIE => $this->cookie(),
        ]);

        return $curl;
    }

    /** @return non-empty-string the whole address of a path */
    public function address(string $path): string
    {
        return $this->team . $path;
    }

    /** Where the last page was. */
    public function path(): string
    {
        return substr(curl_getinfo($this->curl, \CURLINFO_EFFECTIVE_URL), \strlen($this->team));
    }

    /** @return non-empty-string */
    private function cookie(): string
    {
        $cookies = implode(
            '; ',
            array_map(static function (string $line): string {
                $parts = explode("\t", $line);

                return $parts[5] . '=' . $parts[6];
            }, curl_getinfo($this->curl, \CURLINFO_COOKIELIST)),
        );

        return '' === $cookies ? throw new \LogicException('Nobody is signed in.') : $cookies;
    }

    /** @param array<int, mixed> $options */
    private function fetch(string $path, array $options): string
    {
        curl_setopt_array(
            $this->curl,
            $options + [\CURLOPT_URL => $this->team . $path, \CURLOPT_FOLLOWLOCATION => true],
        );
        $page = curl_exec($this->curl);
        curl_setopt_array($this->curl, [\CURLOPT_HTTPGET => true, \CURLOPT_FOLLOWLOCATION => false]);

        return \is_string($page) ? $page : '';
    }

    /** From the request to the first byte of the answer. */
    public function milliseconds(string $path): float
    {
        curl_setopt($this->curl, \CURLOPT_URL, $this->team . $path);
        curl_exec($this->curl);
        $status = curl_getinfo($this->curl, \CURLINFO_RESPONSE_CODE);
        if (200 !== $status) {
            throw new \RuntimeException("$path did not answer with a page, but with $status.");
        }

        return 1000 *
            (curl_getinfo($this->curl, \CURLINFO_STARTTRANSFER_TIME) -
                curl_getinfo($this->curl, \CURLINFO_PRETRANSFER_TIME));
    }
}
