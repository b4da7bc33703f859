<?php

declare(strict_types=1);

namespace FoxCorner\Core\Motion;

/**
 * How long throws of one ball take: gravity and quadratic drag, the flattest throw that arrives, or a hop where that
 * is there sooner.
 *
 * One formula for every distance. Drag acts along the path, so that the slope p of the path changes by gravity alone:
 * dp/dx = −g/vx², with vx = u cos θ · e^(−kσx) and σ the length of the path over the distance. Integrated twice, the
 * launch slope T solves B T² − d T + B − h = 0, where B is the drop of a level throw and h how much lower it is caught;
 * the flight takes (e^(kσd) − 1)/(kσu) · √(1 + T²). σ is taken from the slopes at both ends
 * (a parabola's would be exact).
 */
final class Throws
{
    /** ft; source: the project's model. */
    public const RELEASE_HEIGHT = 6.0;
    public const CATCH_HEIGHT = 4.0;

    /** A flatter launch than this needs no thought of a hop, which is quicker from 22° on: tan 15°. */
    private const FLAT = 0.268;
    /** ft; who throws shorter than this lets go lower, down to the height of the catch (ours). */
    private const FULL_HEIGHT_FROM = 60.0;
    /** Times that σ is bettered; the second changes less than 0.001 s. */
    private const ROUNDS = 3;
    /** Change of σ that is too small to matter: less than 0.0003 s over any throw. */
    private const CLOSE = 2e-3;
    /** ft; shorter is from hand to hand. */
    private const NOTHING = 1e-6;

    /** ft */
    public const FARTHEST = 400;
    /** Arms that are remembered. */
    private const ARMS = 64;

    /** @var array<string, self> by the ball */
    private static array $known = [];
    /** @var array<int, array<int, float>> seconds by release speed in hundredths of ft/s, then feet */
    private array $feet = [];
    /** @var array<int, array<int, float>> seconds as given, likewise by the arm */
    private array $given = [];
    /** @var array<int, list<float>> by the arm */
    private array $tables = [];
    /** @var array<int, Hops> by release speed in hundredths of ft/s */
    private array $hops = [];

    /** per foot */
    public readonly float $drag;

    private function __construct(Ball $ball)
    {
        $this->drag = $ball->dragPerFoot();
    }

    /** The throws of a ball; what was reckoned once is remembered, for a few dozen arms. */
    public static function of(Ball $ball): self
    {
        return self::$known[$ball->value] ??= new self($ball);
    }

    /**
     * @param Speed $speed    at release, greater than zero
     * @param float $distance feet, not negative
     */
    public function over(float $distance, Speed $speed): ThrowFlight
    {
        [$seconds, $slope] = $this->flat($distance, $speed->feetPerSecond);
        if ($slope > self::FLAT) {
            $hop = $this->hops($speed)->over($distance);
            if ($hop->seconds < $seconds) {
                return $hop;
            }
        }

        return new ThrowFlight($seconds, rad2deg(atan($slope)), 0);
    }

    /** Seconds of the flattest throw that arrives without a hop; null when none does. */
    public function inTheAir(float $distance, Speed $speed): ?float
    {
        $seconds = $this->flat($distance, $speed->feetPerSecond)[0];

        return is_finite($seconds) ? $seconds : null;
    }

    /** How steeply the flattest throw that arrives comes down there: ft for each foot; 1 when none arrives. */
    public function falls(float $distance, Speed $speed): float
    {
        [$seconds, $slope, $end] = $this->flat($distance, $speed->feetPerSecond);

        return is_finite($seconds) ? -$end : 1.0;
    }

    /**
     * Seconds only, for the inner loops: from foot to foot as {@see over()} says, straight in between, which is right
     * to 0.00001 s.
     */
    public function seconds(float $distance, Speed $speed): float
    {
        $arm = $speed->hundredths;
        $foot = (int) $distance;
        $near = $this->feet[$arm][$foot] ?? $this->toFoot($foot, $speed);
        $far = $this->feet[$arm][$foot + 1] ?? $this->toFoot($foot + 1, $speed);

        return $near + ($distance - $foot) * ($far - $near);
    }

    /**
     * Seconds from hand to hand as people give a ball over so many feet: underhand up to 20 ft, harder the farther, the
     * full arm from 60 ft; nobody faster than his arm. From foot to foot, straight in between.
     */
    public function given(float $distance, Speed $arm): float
    {
        $foot = (int) $distance;
        $near = $this->given[$arm->hundredths][$foot] ?? $this->giveFoot($foot, $arm);
        $far = $this->given[$arm->hundredths][$foot + 1] ?? $this->giveFoot($foot + 1, $arm);

        return $near + ($distance - $foot) * ($far - $near);
    }

    /** @return list<float> seconds as {@see given()} says them, for each foot as far as anybody throws */
    public function table(Speed $arm): array
    {
        return $this->tables[$arm->hundredths] ??= array_map(
            fn(int $feet): float => $this->given($feet, $arm),
            range(0, self::FARTHEST),
        );
    }

    private function giveFoot(int $feet, Speed $arm): float
    {
        if (!isset($this->given[$arm->hundredths]) && \count($this->given) >= self::ARMS) {
            $this->given = $this->tables = [];
        }

        return $this->given[$arm->hundredths][$feet] = $this->over($feet, Giving::speed($feet, $arm))->seconds;
    }

    private function toFoot(int $feet, Speed $speed): float
    {
        if (!isset($this->feet[$speed->hundredths]) && \count($this->feet) >= self::ARMS) {
            $this->feet = $this->hops = [];
        }

        return $this->feet[$speed->hundredths][$feet] = $this->over($feet, $speed)->seconds;
    }

    /**
     * @return array{float, float, float} seconds and launch slope of the flattest throw that arrives, INF when none
     *                                    does; and its slope there
     */
    private function flat(float $distance, float $speed): array
    {
        if ($distance < self::NOTHING) {
            return [0.0, 0.0, 0.0];
        }
        $lower = (self::RELEASE_HEIGHT - self::CATCH_HEIGHT) * min(1.0, $distance / self::FULL_HEIGHT_FROM);
        $pull = Ball::GRAVITY / $speed ** 2;
        $slope = $end = 0.0;
        $longer = 1.0;
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $drag = $this->drag * $longer;
            $grown = exp(2.0 * $drag * $distance);
            $drop = ($pull * ($grown - 1.0 - 2.0 * $drag * $distance)) / (4.0 * $drag ** 2);
            $left = $distance ** 2 - 4.0 * $drop * ($drop - $lower);
            if ($left < 0.0) {
                return [\INF, \INF, 0.0];
            }
            $slope = ($distance - sqrt($left)) / (2.0 * $drop);
            $end = $slope - ((1.0 + $slope ** 2) * $pull * ($grown - 1.0)) / (2.0 * $drag);
            $before = $longer;
            $longer = sqrt(1.0 + ($slope ** 2 + $slope * $end + $end ** 2) / 3.0);
            if ($longer - $before < self::CLOSE) {
                break;
            }
        }
        $drag = $this->drag * $longer;

        return [((exp($drag * $distance) - 1.0) / ($drag * $speed)) * sqrt(1.0 + $slope ** 2), $slope, $end];
    }

    private function hops(Speed $speed): Hops
    {
        return $this->hops[$speed->hundredths] ??= Hops::of($this->drag, $speed->feetPerSecond);
    }
}
