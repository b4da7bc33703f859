<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Club\Team;
use Symfony\Component\DomCrawler\Crawler;
use Symfony\Component\HttpFoundation\File\UploadedFile;

/** Archives that are taken out, changed and brought in. */
trait Archived
{
    /** @var list<string> */
    private array $paths = [];

    protected function tearDown(): void
    {
        array_map(unlink(...), array_filter($this->paths, is_file(...)));
        parent::tearDown();
    }

    /** Presses what takes data out, with the token of a page that everybody of the team has. */
    private function take(string $path): void
    {
        $token = $this->browser
            ->request('GET', '/' . explode('/', $path)[1] . '/you')
            ->filter('[name=_token]')
            ->first()
            ->attr('value');
        $this->browser->request('POST', $path, ['_token' => $token]);
    }

    private function file(string $bytes): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'fox');
        $this->paths[] = $path;
        file_put_contents($path, $bytes);

        return $path;
    }

    /** @return array<string, string> */
    private function files(string $bytes): array
    {
        $zip = new \ZipArchive();
        $zip->open($this->file($bytes));
        $files = [];
        for ($index = 0; $index < $zip->numFiles; ++$index) {
            $files[(string) $zip->getNameIndex($index)] = (string) $zip->getFromIndex($index);
        }
        ksort($files);

        return $files;
    }

    /** @param array<string, string> $files */
    private function pack(array $files): string
    {
        $path = $this->file('');
        $zip = new \ZipArchive();
        $zip->open($path, \ZipArchive::OVERWRITE);
        foreach ($files as $name => $content) {
            $zip->addFromString($name, $content);
        }
        $zip->close();

        return $path;
    }

    private function upload(?string $token, string $path): Crawler
    {
        return $this->browser->request(
            'POST',
            '/kites/club/import',
            ['_token' => $token],
            ['file' => new UploadedFile($path, 'kites.zip', 'application/zip', null, true)],
        );
    }
}
