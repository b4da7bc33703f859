<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Sheet;

use FoxCorner\App\Practice\Book\Practice;
use FoxCorner\App\Shared\Json\Documents;
use FoxCorner\App\Shared\Json\StoredUnreadable;
use Symfony\Component\Serializer\Normalizer\AbstractObjectNormalizer;
use Symfony\Contracts\Cache\CacheInterface;

/** A practice's sheet as it is kept. */
final readonly class SheetCodec
{
    /** Of the form: docs/schemas/sheet.json. */
    private const VERSION = 1;
    private const PLAYER = ['id', 'number', 'name', 'position'];

    public function __construct(private Documents $documents, private CacheInterface $cache) {}

    public function write(Sheet $sheet): string
    {
        return $this->documents->write($sheet, self::VERSION, [
            AbstractObjectNormalizer::ATTRIBUTES => [
                'blocks' => [
                    'kind',
                    'start',
                    'minutes',
                    'stations' => [
                        'drill',
                        'players' => self::PLAYER,
                        'repetitions',
                        'helpers',
                        'receiver',
                        'minutes',
                        'helping' => ['id', 'number', 'name', 'does'],
                    ],
                    'waiting' => self::PLAYER,
                    'away' => self::PLAYER,
                ],
                'needs' => ['position', 'drill', 'wanted', 'gained', 'reason', 'binds', 'lacks', 'what', 'isFloor'],
                'choices' => ['drill', 'name', 'shift', 'hindrance', 'step'],
                'conflicts' => ['one', 'other', 'why'],
                'script' => ['isLive', 'minutes', 'title', 'say', 'do', 'expect', 'watch'],
                'objective',
            ],
        ]);
    }

    public function read(Practice $practice): Sheet
    {
        return $this->of($practice->sheet());
    }

    /** @param string $json that {@see write()} gave */
    public function of(string $json): Sheet
    {
        // The same text is the same sheet: nothing ever has to be invalidated.
        return $this->cache->get(
            'sheet-' . hash('xxh128', $json),
            fn(): Sheet => StoredUnreadable::unless(
                'The sheet of the practice',
                fn(): Sheet => $this->documents->read($json, Sheet::class, self::VERSION),
            ),
        );
    }
}
