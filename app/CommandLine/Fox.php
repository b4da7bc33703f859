<?php

declare(strict_types=1);

namespace FoxCorner\App\CommandLine;

use FoxCorner\App\CommandLine\Input\Question;
use FoxCorner\App\CommandLine\Question\AlignmentQuestion;
use FoxCorner\App\CommandLine\Question\BuntMapQuestion;
use FoxCorner\App\CommandLine\Question\BuntQuestion;
use FoxCorner\App\CommandLine\Question\CoverageAuditQuestion;
use FoxCorner\App\CommandLine\Question\FeedQuestion;
use FoxCorner\App\CommandLine\Question\FirstAndThirdQuestion;
use FoxCorner\App\CommandLine\Question\FoulPopQuestion;
use FoxCorner\App\CommandLine\Question\GroundBallPlayQuestion;
use FoxCorner\App\CommandLine\Question\GroundBallQuestion;
use FoxCorner\App\CommandLine\Question\IdleCheckQuestion;
use FoxCorner\App\CommandLine\Question\ImproveQuestion;
use FoxCorner\App\CommandLine\Question\LooksQuestion;
use FoxCorner\App\CommandLine\Question\OutfieldPlayQuestion;
use FoxCorner\App\CommandLine\Question\PickQuestion;
use FoxCorner\App\CommandLine\Question\PlayQuestion;
use FoxCorner\App\CommandLine\Question\PracticeQuestion;
use FoxCorner\App\CommandLine\Question\RangeQuestion;
use FoxCorner\App\CommandLine\Question\RelayQuestion;
use FoxCorner\App\CommandLine\Question\RundownQuestion;
use FoxCorner\App\CommandLine\Question\RunQuestion;
use FoxCorner\App\CommandLine\Question\RunsQuestion;
use FoxCorner\App\CommandLine\Question\ScheduleQuestion;
use FoxCorner\App\CommandLine\Question\SpotQuestion;
use FoxCorner\App\CommandLine\Question\StealQuestion;
use FoxCorner\App\CommandLine\Question\TagUpQuestion;
use FoxCorner\App\CommandLine\Question\ThrowQuestion;
use FoxCorner\App\CommandLine\Question\TwoOrOneQuestion;
use FoxCorner\App\CommandLine\Question\WinQuestion;
use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\App\Shared\Json\Schemas;
use FoxCorner\Core\Family\ShippedFamilies;
use FoxCorner\Core\Play\Contract\PlayFamilies;
use FoxCorner\Core\Problem\Problem;
use FoxCorner\Core\Problem\Refused;
use FoxCorner\Core\Problem\Unknown;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;

/**
 * Answers a question as JSON.
 *
 * A bad question gets exit code 1 and a problem that names the field, what was wrong and what is allowed.
 */
final readonly class Fox
{
    private PlayFamilies $families;

    /** @param string $schemas their folder */
    public function __construct(private string $schemas, ?PlayFamilies $families = null)
    {
        $this->families = $families ?? ShippedFamilies::all();
    }

    /** @return array{string, int} the output and the exit code */
    public function ask(string $name, string $json): array
    {
        try {
            $question =
                $this->questions()[$name] ?? throw Unknown::notOneOf('question', $name, array_keys($this->questions()));

            return [self::encode($question->answer($this->read($name, $json))), 0];
        } catch (Problem $problem) {
            return [
                self::encode([
                    'problem' => [
                        'field' => $problem->field(),
                        'wrong' => $problem->wrong(),
                        'allowed' => $problem->allowed(),
                    ],
                ]),
                1,
            ];
        }
    }

    /** @return array<string, Question> */
    private function questions(): array
    {
        return [
            'throw' => new ThrowQuestion(),
            'run' => new RunQuestion(),
            'ground-ball' => new GroundBallQuestion(),
            'ground-ball-play' => new GroundBallPlayQuestion(),
            'two-or-one' => new TwoOrOneQuestion(),
            'feed' => new FeedQuestion(),
            'relay' => new RelayQuestion(),
            'outfield-play' => new OutfieldPlayQuestion(),
            'tag-up' => new TagUpQuestion(),
            'foul-pop' => new FoulPopQuestion(),
            'idle-check' => new IdleCheckQuestion(),
            'steal' => new StealQuestion(),
            'pick' => new PickQuestion(),
            'looks' => new LooksQuestion(),
            'rundown' => new RundownQuestion(),
            'first-and-third' => new FirstAndThirdQuestion(),
            'spot' => new SpotQuestion(),
            'play' => new PlayQuestion($this->families),
            'bunt' => new BuntQuestion(),
            'bunt-map' => new BuntMapQuestion(),
            'coverage-audit' => new CoverageAuditQuestion($this->families),
            'alignment' => new AlignmentQuestion(),
            'range' => new RangeQuestion(),
            'improve' => new ImproveQuestion(),
            'practice' => new PracticeQuestion(),
            'schedule' => new ScheduleQuestion(),
            'runs' => new RunsQuestion(),
            'win' => new WinQuestion(),
        ];
    }

    /** @throws Problem */
    private function read(string $name, string $json): Fields
    {
        $data = json_decode($json);
        if (!$data instanceof \stdClass) {
            throw Refused::because(
                'input',
                'it is no JSON object' .
                    (\JSON_ERROR_NONE === json_last_error() ? '' : ' (' . json_last_error_msg() . ')'),
                "an object as in docs/schemas/$name.question.json",
            );
        }
        $schema = (new Schemas($this->schemas))->read("$name.question");
        $error = (new Validator())->validate($data, $schema)->error();
        if (null !== $error) {
            throw $this->problem($error, $schema);
        }

        return Fields::parse($json);
    }

    private function problem(ValidationError $error, \stdClass $schema): Problem
    {
        $error = self::innermost($error);
        $path = array_values(array_map(strval(...), array_filter($error->data()->fullPath(), is_scalar(...))));
        $named = $error->args()['missing'] ?? ($error->args()['properties'] ?? null);
        $name = \is_array($named) ? $named[0] ?? null : $named;
        if (\is_string($name)) {
            $path[] = $name;
        }
        [$description, $properties] = self::describe($schema, $path);

        return Refused::because(
            [] === $path ? 'input' : implode('.', $path),
            match ($error->keyword()) {
                'required' => 'it is missing',
                'additionalProperties' => 'it is not part of the question',
                default => json_encode($error->data()->value()) . ' does not fit',
            },
            $description ?? implode(', ', $properties),
        );
    }

    /**
     * What the schema says of a field, and which fields there are beside it.
     *
     * @param list<string> $path
     *
     * @return array{string|null, list<string>}
     */
    private static function describe(\stdClass $schema, array $path): array
    {
        $properties = isset($schema->properties) ? (array) $schema->properties : [];
        $field = $properties[$path[0] ?? ''] ?? null;
        if ($field instanceof \stdClass && \count($path) > 1 && isset($field->properties)) {
            return self::describe($field, \array_slice($path, 1));
        }
        // An entry of a list: its number, then its field.
        if ($field instanceof \stdClass && \count($path) > 2 && ($field->items ?? null) instanceof \stdClass) {
            return self::describe($field->items, \array_slice($path, 2));
        }
        $description = $field instanceof \stdClass ? $field->description ?? null : null;

        return [\is_string($description) ? $description : null, array_map(strval(...), array_keys($properties))];
    }

    private static function innermost(ValidationError $error): ValidationError
    {
        /** @var list<ValidationError> $within */
        $within = $error->subErrors();

        return [] === $within ? $error : self::innermost($within[0]);
    }

    /** @param array<string, mixed> $answer */
    private static function encode(array $answer): string
    {
        return json_encode(
            $answer,
            \JSON_THROW_ON_ERROR |
                \JSON_PRETTY_PRINT |
                \JSON_UNESCAPED_UNICODE |
                \JSON_UNESCAPED_SLASHES |
                \JSON_PRESERVE_ZERO_FRACTION,
        );
    }
}
