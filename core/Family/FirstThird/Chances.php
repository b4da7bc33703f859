<?php

declare(strict_types=1);

namespace FoxCorner\Core\Family\FirstThird;

use FoxCorner\Core\Field\Base;
use FoxCorner\Core\Motion\Giving;
use FoxCorner\Core\Motion\OutChance;
use FoxCorner\Core\Play\Running\TagThrow;

/** How likely what may come of a first-and-third steal is, by its clocks. */
final readonly class Chances
{
    /** Of runners who go with the throw, those whom a feint takes (ours). */
    private const FOOLED = 0.3;
    /** s after his first step until which he still gets back when he sees it cut, and how sharp that is (ours). */
    private const COMMITTED = 0.5;
    private const COMMITS_SHARPLY = 0.15;
    /** Of throws that are not caught at second, those that get by both men there (ours). */
    private const LOST = 0.3;
    /** Of throws that are let go past a cut man, those that he spoils (ours). */
    private const SPOILED = 0.03;

    public function __construct(private FirstThirdRace $race) {}

    /** The out at second, once the ball is on its way there. */
    public function outAtSecond(): float
    {
        $margin = $this->race->firstThere() - $this->race->tagAtSecond();

        return TagThrow::over($this->race->toSecond(), Giving::reach(Base::Second), $this->race->level->skills)->out(
            $margin,
            $this->race->first->spread,
        );
    }

    /** The chance that he is back at third when the throw is cut. */
    public function getsBack(School $school, ThirdRunner $third): float
    {
        return School::Through === $school
            ? 0.0
            : 1 -
                    OutChance::ofMargin(
                        $this->race->cutAt($school) - $this->race->thirdStarts($third) - self::COMMITTED,
                        self::COMMITS_SHARPLY,
                    );
    }

    /**
     * The out at the plate when the runner of third goes with the throw.
     *
     * @param bool $tagsFirst whoever has the ball at second tags the runner there before he throws home
     */
    public function outAtHome(School $school, ThirdRunner $third, bool $tagsFirst = false): float
    {
        $stop = $this->race->stop($school);
        if (null === $stop) {
            return 0.0;
        }
        [$feet, $back] = $stop;

        return Giving::caught(
            $feet,
            Giving::reach(Base::Second),
            $this->race->level->skills->throw,
            $this->race->level->skills->bag,
        ) *
            TagThrow::over($back, Giving::reach(Base::Home), $this->race->level->skills)->out(
                $this->race->thirdThere($third) - $this->race->tagAtHome($school, $tagsFirst),
                $this->race->third->spread,
            );
    }

    /** The out at third after a feint: who is taken in is on his way home, another has to be back from his lead. */
    public function outAtThird(ThirdRunner $third): float
    {
        $throw = TagThrow::over($this->race->rules->basePath, Giving::reach(Base::Third), $this->race->level->skills);
        $out = fn(bool $isFooled): float => $throw->out(
            $this->race->backAtThird($isFooled) - $this->race->tagAtThird(),
            $this->race->third->spreadBack($this->race->offThird($isFooled)),
        );
        $fooled = ThirdRunner::Goes === $third ? self::FOOLED : 0.0;

        return $fooled * $out(true) + (1 - $fooled) * $out(false);
    }

    /** The chance that a throw lets everybody go on. */
    public function astray(School $school): float
    {
        $feet = match ($school) {
            School::Concede => 0.0,
            School::FeintThird => $this->race->rules->basePath,
            School::ReadCut => $this->race->toSecond(),
            default => $this->race->stop($school)[0] ?? 0.0,
        };

        return self::LOST *
            (1 -
                Giving::caught(
                    $feet,
                    Giving::reach(Base::Second),
                    $this->race->level->skills->throw,
                    $this->race->level->skills->bag,
                ));
    }

    /** Of throws that are meant for second, those that get there past a cut man. */
    public function unspoiled(School $school): float
    {
        return School::ReadCut === $school ? 1 - self::SPOILED : 1.0;
    }
}
