<?php

declare(strict_types=1);

namespace FoxCorner\App\Shared\Kept;

use FoxCorner\App\Shared\Address\OwnPath;
use Symfony\Component\HttpFoundation\Request;

/** What somebody had typed into a form that could not be taken: to be shown, and to be sent again by a press. */
final readonly class TypedForm
{
    /** Never shown again, and never sent from another page. */
    private const SECRET = '~password~';
    private const TOKEN = '~(^|\[)_(csrf_)?token\]?$~';
    /** What a page carries along, of no use to a reader. */
    private const CARRIED = '~(^|\[)(version|seen|once|back|_kept|_seal|_target_path)\]?$~';

    /**
     * @param string                $path   where it goes
     * @param string                $page   where it was typed
     * @param array<string, string> $fields by the name in the form, as in "player_form[name]"
     */
    private function __construct(
        public string $path,
        public string $page,
        public array $fields,
        public bool $hadFile,
    ) {}

    /** @return self|null null when no page of ours has sent it: what others typed is not kept */
    public static function of(Request $request): ?self
    {
        if (!OwnOrigin::sent($request)) {
            return null;
        }
        $from = parse_url((string) $request->headers->get('Referer'));
        $isOurs = \is_array($from) && ($from['host'] ?? '') === $request->getHost();

        return new self(
            $request->getRequestUri(),
            $isOurs ? ($from['path'] ?? '/') . (isset($from['query']) ? '?' . $from['query'] : '') : '/',
            self::withoutTokens(self::flat($request->request->all())),
            0 < $request->files->count(),
        );
    }

    /** @return array<string, string> the tokens that came along, by the field's name */
    public static function tokensOf(Request $request): array
    {
        return array_filter(
            self::flat($request->request->all(), true),
            static fn(string $name): bool => 1 === preg_match(self::TOKEN, $name),
            \ARRAY_FILTER_USE_KEY,
        );
    }

    /** What {@see toJson} has written; null for anything else. */
    public static function fromJson(string $json): ?self
    {
        $read = json_decode($json, true, 4);
        if (
            !\is_array($read) ||
            !OwnPath::is($read['path'] ?? null) ||
            !OwnPath::is($read['page'] ?? null) ||
            !\is_array($read['fields'] ?? null)
        ) {
            return null;
        }

        return new self(
            $read['path'],
            $read['page'],
            self::withoutTokens(self::flat($read['fields'], false)),
            true === ($read['hadFile'] ?? null),
        );
    }

    public function toJson(): string
    {
        return json_encode(
            ['path' => $this->path, 'page' => $this->page, 'fields' => $this->fields, 'hadFile' => $this->hadFile],
            \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_INVALID_UTF8_SUBSTITUTE,
        );
    }

    /** @return array<string, string> what a reader recognises */
    public function words(): array
    {
        $words = [];
        foreach ($this->fields as $name => $value) {
            if ('' !== trim($value) && 1 !== preg_match(self::CARRIED, $name)) {
                $words[
                    trim(
                        (string) preg_replace(
                            ['~^\w+_form\[~', '~[\[\]_]+~', '~(?<=[a-z])(?=[A-Z])~'],
                            ['', ' ', ' '],
                            $name,
                        ),
                    )
                ] = $value;
            }
        }

        return $words;
    }

    /** @return list<string> forms of the framework in it, each of which wants a token under its own name */
    public function forms(): array
    {
        $names = [];
        foreach (array_keys($this->fields) as $name) {
            if (1 === preg_match('~^(\w+_form)\[~', $name, $parts)) {
                $names[$parts[1]] = true;
            }
        }

        return array_keys($names);
    }

    /**
     * @param array<string, string> $fields
     *
     * @return array<string, string>
     */
    private static function withoutTokens(array $fields): array
    {
        return array_filter(
            $fields,
            static fn(string $name): bool => 1 !== preg_match(self::TOKEN, $name),
            \ARRAY_FILTER_USE_KEY,
        );
    }

    /**
     * @param array<array-key, mixed> $values
     *
     * @return array<string, string>
     */
    private static function flat(array $values, bool $nested = true, string $prefix = ''): array
    {
        $flat = [];
        foreach ($values as $key => $value) {
            $name = '' === $prefix ? (string) $key : "{$prefix}[$key]";
            if (\is_array($value) && $nested) {
                $flat += self::flat($value, true, $name);
            } elseif (\is_scalar($value) && 1 !== preg_match(self::SECRET, $name)) {
                $flat[$name] = (string) $value;
            }
        }

        return $flat;
    }
}
