<?php

declare(strict_types=1);

namespace FoxCorner\App\Backup;

use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

/**
 * Closes a copy with a passphrase, so that whoever keeps it elsewhere cannot read it, and opens it again: libsodium's
 * secret stream (XChaCha20-Poly1305) in pieces, the key by Argon2id from the passphrase and a salt of the file's own.
 */
final readonly class Sealing
{
    public const ENDING = '.sealed';
    private const FIRST = "Fox Corner, sealed 1\n";
    private const PIECE = 65536;

    public function __construct(
        #[Autowire('%env(FOX_BACKUP_PASSPHRASE)%')] #[\SensitiveParameter] private string $passphrase,
    ) {}

    public function isOn(): bool
    {
        return '' !== $this->passphrase;
    }

    public static function isSealed(string $file): bool
    {
        return self::FIRST === file_get_contents($file, length: \strlen(self::FIRST));
    }

    /** @throws Problem when it cannot be written */
    public function seal(string $from, string $to): void
    {
        [$in, $out] = self::files($from, $to);
        $salt = random_bytes(\SODIUM_CRYPTO_PWHASH_SALTBYTES);
        /** @var array{string, string} $stream */
        $stream = sodium_crypto_secretstream_xchacha20poly1305_init_push($this->key($salt));
        [$state, $header] = $stream;
        self::put($out, self::FIRST . $salt . $header, $to);
        do {
            $piece = (string) fread($in, self::PIECE);
            $isLast = feof($in);
            $tag = $isLast
                ? \SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_TAG_FINAL
                : \SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_TAG_MESSAGE;
            self::put($out, sodium_crypto_secretstream_xchacha20poly1305_push($state, $piece, '', $tag), $to);
        } while (!$isLast);
        fclose($in);
        fclose($out);
    }

    /** @throws Problem when it is of another passphrase, or not whole */
    public function open(string $from, string $to): void
    {
        if (!$this->isOn()) {
            throw Refused::because('file', "$from is sealed", 'FOX_BACKUP_PASSPHRASE as it was when it was made');
        }
        [$in, $out] = self::files($from, $to);
        fread($in, \strlen(self::FIRST));
        $salt = (string) fread($in, \SODIUM_CRYPTO_PWHASH_SALTBYTES);
        $header = (string) fread($in, \SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_HEADERBYTES);
        $tag = null;
        if (
            \SODIUM_CRYPTO_PWHASH_SALTBYTES === \strlen($salt) &&
            \SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_HEADERBYTES === \strlen($header)
        ) {
            $state = sodium_crypto_secretstream_xchacha20poly1305_init_pull($header, $this->key($salt));
            while (\SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_TAG_FINAL !== $tag) {
                $sealed = (string) fread($in, self::PIECE + \SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_ABYTES);
                $pulled = sodium_crypto_secretstream_xchacha20poly1305_pull($state, $sealed);
                if (false === $pulled) {
                    break;
                }
                /** @var array{string, int} $pulled */
                [$piece, $tag] = $pulled;
                self::put($out, $piece, $to);
            }
        }
        fclose($in);
        fclose($out);
        if (\SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_TAG_FINAL !== $tag) {
            unlink($to);
            throw Refused::because(
                'file',
                "$from does not open with this passphrase, or is not whole",
                'FOX_BACKUP_PASSPHRASE as it was when it was made',
            );
        }
    }

    private function key(string $salt): string
    {
        return sodium_crypto_pwhash(
            \SODIUM_CRYPTO_SECRETSTREAM_XCHACHA20POLY1305_KEYBYTES,
            $this->passphrase,
            $salt,
            \SODIUM_CRYPTO_PWHASH_OPSLIMIT_INTERACTIVE,
            \SODIUM_CRYPTO_PWHASH_MEMLIMIT_INTERACTIVE,
        );
    }

    /** @return array{resource, resource} */
    private static function files(string $from, string $to): array
    {
        $in = fopen($from, 'r');
        $before = umask(0o077);
        $out = fopen($to, 'w');
        umask($before);

        return false === $in || false === $out
            ? throw Refused::because('file', "$to cannot be written", 'a folder that can be written to')
            : [$in, $out];
    }

    /** @param resource $out */
    private static function put($out, string $bytes, string $to): void
    {
        if (\strlen($bytes) !== fwrite($out, $bytes)) {
            throw Refused::because('file', "$to cannot be written to its end", 'a place with more room');
        }
    }
}
