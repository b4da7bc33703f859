<?php

declare(strict_types=1);

namespace FoxCorner\Tests\App;

use FoxCorner\App\Shared\Json\Schemas;
use FoxCorner\Core\Field\ShippedRuleSets;
use FoxCorner\Core\Level\Level;
use PHPUnit\Framework\TestCase;

/** The published schemas: what several need is written once, and its closed sets are those of the code. */
final class SchemasTest extends TestCase
{
    private const FOLDER = __DIR__ . '/../../docs/schemas';

    public function testTheClosedSetsAreThoseOfTheCode(): void
    {
        self::assertSame(
            CommonSchema::ofTheCode(),
            (string) file_get_contents(CommonSchema::FILE),
            'tests/Tools/schemas writes them anew',
        );
    }

    public function testRuleSetsAndLevelsAreListedInOnePlace(): void
    {
        $lists = [];
        foreach ((array) glob(self::FOLDER . '/*.json') as $file) {
            $text = (string) file_get_contents((string) $file);
            foreach (['"' . array_keys(ShippedRuleSets::all())[1] . '"', '"' . Level::Youth13->value . '"'] as $one) {
                if (str_contains($text, $one)) {
                    $lists[] = basename((string) $file);
                }
            }
        }

        self::assertSame(['common.json', 'common.json'], $lists);
    }

    public function testWhatASchemaRefersToIsWrittenOut(): void
    {
        $schema = (new Schemas(self::FOLDER))->read('bunt.question');
        $written = json_encode($schema, \JSON_THROW_ON_ERROR);

        self::assertStringNotContainsString('$ref', $written);
        self::assertStringContainsString('fastpitch-43', $written);
    }

    public function testAReferenceToNothingIsNamed(): void
    {
        $folder = sys_get_temp_dir() . '/fox-schemas-' . bin2hex(random_bytes(4));
        mkdir($folder);
        file_put_contents("$folder/common.json", '{"$defs": {"one": {"type": "string"}}}');
        file_put_contents("$folder/bad.json", '{"properties": {"a": {"$ref": "common.json#/$defs/two"}}}');

        $this->expectExceptionMessage('Nothing is common.json#/$defs/two.');
        (new Schemas($folder))->read('bad');
    }
}
