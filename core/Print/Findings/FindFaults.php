<?php

declare(strict_types=1);

namespace WindowStall\Core\Print\Findings;

use WindowStall\Core\Print\Colours\ClothContrast;
use WindowStall\Core\Print\Colours\Lab;
use WindowStall\Core\Print\Dots;
use WindowStall\Core\Print\Placing\Fit;
use WindowStall\Core\Print\Placing\Laid;
use WindowStall\Core\Print\Placing\Piece;
use WindowStall\Core\Print\Placing\Placing;
use WindowStall\Core\Source\Blank;
use WindowStall\Core\Source\PrintArea;
use WindowStall\Core\Source\PrintMethod;

/** Looks at what lies on a blank before anything is sold: each finding with its figures and, where one is, its mend. */
final readonly class FindFaults
{
    /** Thousandths of a drawing that may be half transparent, or beyond what a method reaches, unsaid. */
    private const LITTLE = 20;

    private const SHARP = 300;

    /** @param  array<int, CheckedArtwork>  $artworks  by number: those that lie there, and those that could */
    public function __construct(private Blank $blank, private array $artworks)
    {
    }

    /** @return list<Finding> what stops it first, then by area */
    public function of(Placing $placing): array
    {
        $found = [];
        foreach ($placing->printed() as $laid) {
            $area = $this->blank->area($laid->area);
            $method = $this->blank->method($laid->method);
            if ($area === null || $method === null) {
                continue;
            }
            foreach ($laid->pieces as $n => $piece) {
                $artwork = $this->artworks[$piece->artwork] ?? null;
                if ($artwork !== null) {
                    $on = new OnArea($placing, $laid, $n, $piece, $artwork, $area, $method);
                    array_push(
                        $found,
                        ...array_filter([
                            $this->density($on),
                            $this->edges($on),
                            $this->told($on),
                            $this->line($on),
                            $this->threads($on),
                            $this->soft($on),
                            $this->reach($on),
                        ]),
                    );
                }
            }
            array_push($found, ...array_filter([$this->bleed($placing, $laid, $area), $this->ground($placing, $laid, $method)]));
        }
        $order = [Severity::Stops->value => 0, Severity::Look->value => 1, Severity::Fine->value => 2];
        usort($found, static fn (Finding $a, Finding $b): int => $order[$a->weight->value] <=> $order[$b->weight->value]);

        return $found;
    }

    private function density(OnArea $on): Finding
    {
        $facts = $on->artwork->facts;
        if ($facts->vector) {
            return $on->finding(FindingKind::Density, Severity::Fine, 'Sharp at any size:', 'it is drawn in lines, not in dots.');
        }
        $scales = array_map($this->blank->scale(...), $on->placing->sizes === [] ? [''] : $on->placing->sizes);
        $largest = max($scales);
        $dpi = Dots::toTheInch($facts->width, intdiv($on->piece->width * $largest, 1000));
        $widest = static fn (int $at): int => intdiv(Dots::longest($facts->width, $at) * 1000, $largest);
        $least = max($on->method->limits->leastDpi, 1);
        $wide = static fn (int $at): string => FindingWords::millimetres($widest($at));
        if ($dpi >= self::SHARP) {
            return $on->finding(
                FindingKind::Density,
                Severity::Fine,
                'Sharp.',
                sprintf('%d dots to the inch; it stays above %d up to %s wide.', $dpi, self::SHARP, $wide(self::SHARP)),
            );
        }
        $narrower = static fn (int $at): Piece => Fit::inside($on->piece->with(width: max(1, $widest($at))), $facts, $on->area);
        $sizes = array_values(array_filter(
            $on->placing->sizes,
            fn (string $s): bool => Dots::toTheInch($facts->width, intdiv($on->piece->width * $this->blank->scale($s), 1000)) < $least,
        ));
        if ($dpi < $least) {
            return $on->finding(
                FindingKind::Density,
                Severity::Stops,
                sprintf('Too coarse: %d dots to the inch.', $dpi),
                sprintf('%s needs %d. It reaches them up to %s wide.', $on->method->name, $least, $wide($least)),
                sizes: count($sizes) === count($on->placing->sizes) ? [] : $sizes,
                mend: new Mend('Make it '.$wide($least).' wide', $on->with($narrower($least))),
            );
        }

        return $on->finding(
            FindingKind::Density,
            Severity::Look,
            sprintf('A little soft: %d dots to the inch.', $dpi),
            sprintf('%d are sharp, up to %s wide; %d are needed, up to %s.', self::SHARP, $wide(self::SHARP), $least, $wide($least)),
            mend: new Mend('Make it '.$wide(self::SHARP).' wide', $on->with($narrower(self::SHARP))),
        );
    }

    private function edges(OnArea $on): ?Finding
    {
        if ($on->piece->repeat) {
            return null;
        }
        [$wide, $high] = [10 * $on->area->width, 10 * $on->area->height];
        $box = $on->piece->box($on->artwork->facts, $wide);
        if ($on->area->bleed > 0 && $box->covers($wide, $high)) {
            return null;
        }
        $mend = new Mend('Move it inside', $on->with(Fit::inside($on->piece, $on->artwork->facts, $on->area)));
        $out = $box->beyond($wide, $high);
        if ($out > 0) {
            return $on->finding(
                FindingKind::OutsideArea,
                Severity::Stops,
                sprintf('It stands out of the area by %s.', FindingWords::millimetres($out)),
                'What stands out isn’t printed.',
                mend: $mend,
            );
        }
        $near = $box->beyond($wide, $high, 10 * $on->area->safe);

        return $near === 0
            ? null
            : $on->finding(
                FindingKind::OutsideSafe,
                Severity::Look,
                sprintf('It lies %s past the safe line.', FindingWords::millimetres($near)),
                sprintf('Cloth slips by up to %d mm when it is printed; the edge may be cut off.', $on->area->safe),
                mend: $mend,
            );
    }

    private function told(OnArea $on): ?Finding
    {
        if ($on->laid->ground !== null) {
            return $this->toldFromGround($on, $on->laid->ground);
        }
        $lost = $shares = [];
        foreach ($on->placing->colours as $colour) {
            $artwork = $this->artworks[$on->placing->artworkOn($colour, $on->piece->artwork)] ?? $on->artwork;
            $told = ClothContrast::share($artwork->facts, $this->blank->colours[$colour] ?? '#ffffff');
            if ($told < ClothContrast::ENOUGH) {
                $lost[] = $colour;
                $shares[] = $told;
            }
        }
        if ($lost === [] || $shares === []) {
            return null;
        }

        return $on->finding(
            FindingKind::Told,
            Severity::Look,
            sprintf('On %s it is hardly told from the cloth:', FindingWords::all($lost)),
            sprintf('%d%% of the drawing lies within %d of its colour.', intdiv(1000 - min($shares), 10), (int) ClothContrast::NEAR),
            colours: $lost,
            mend: $this->better($on, $lost),
        );
    }

    private function toldFromGround(OnArea $on, string $ground): ?Finding
    {
        $told = ClothContrast::share($on->artwork->facts, $ground);

        return $told >= ClothContrast::ENOUGH ? null : $on->finding(
            FindingKind::Told,
            Severity::Look,
            'It is hardly told from its ground:',
            sprintf('%d%% of the drawing lies within %d of that colour.', intdiv(1000 - $told, 10), (int) ClothContrast::NEAR),
            mend: new Mend('Leave the ground out', $on->placing->laying($on->laid->onGround(null))),
        );
    }

    /** @param  non-empty-list<string>  $lost */
    private function better(OnArea $on, array $lost): ?Mend
    {
        foreach ($on->artwork->others as $id) {
            $other = $this->artworks[$id] ?? null;
            $cloths = $other === null ? [] : array_filter(
                $lost,
                fn (string $c): bool => ClothContrast::share($other->facts, $this->blank->colours[$c] ?? '#ffffff') >= ClothContrast::ENOUGH,
            );
            if ($other !== null && count($cloths) === count($lost)) {
                return new Mend('Use '.$other->name.' there', $on->placing->swapping($on->piece->artwork, $id, $lost));
            }
        }
        $left = array_values(array_diff($on->placing->colours, $lost));

        return $left === [] ? null : new Mend('Leave '.(count($lost) === 1 ? 'it' : 'them').' out', $on->placing->inColours($left));
    }

    private function line(OnArea $on): ?Finding
    {
        $facts = $on->artwork->facts;
        $needs = $on->method->limits->line;
        $smallest = min(array_map($this->blank->scale(...), $on->placing->sizes === [] ? [''] : $on->placing->sizes));
        $thin = ($facts->lineAt($on->piece->width) * $smallest) / 1000;
        if ($needs === 0 || $facts->line === 0) {
            return null;
        }
        if ($thin >= $needs) {
            return $on->finding(
                FindingKind::Line,
                Severity::Fine,
                sprintf('Thinnest line %s;', FindingWords::millimetres((int) floor($thin))),
                sprintf('%s holds %s.', mb_strtolower($on->method->name), FindingWords::millimetres($needs)),
            );
        }
        $wider = Fit::inside($on->piece->with(width: (int) ceil(($on->piece->width * $needs) / max(0.01, $thin))), $facts, $on->area);
        $holds = ($facts->lineAt($wider->width) * $smallest) / 1000 >= $needs;

        return $on->finding(
            FindingKind::Line,
            Severity::Look,
            sprintf('Its thinnest line is %s.', FindingWords::millimetres(max(1, (int) floor($thin)))),
            sprintf('%s holds %s; thinner ones break or fill up.', $on->method->name, FindingWords::millimetres($needs)),
            mend: $holds
                ? new Mend('Make it '.FindingWords::millimetres($wider->width).' wide', $on->with($wider))
                : $this->otherMethod($on, static fn (PrintMethod $m): bool => $m->limits->line <= $thin),
        );
    }

    private function threads(OnArea $on): ?Finding
    {
        $most = $on->method->limits->threads;
        $has = $most === null ? 0 : ClothContrast::threads($on->artwork->facts, $on->laid->ground);

        return $most === null || $has <= $most
            ? null
            : $on->finding(
                FindingKind::Threads,
                Severity::Stops,
                sprintf('It has %d colours.', $has),
                sprintf('%s takes %d at most.', $on->method->name, $most),
                mend: $this->otherMethod($on, static fn (PrintMethod $m): bool => ($m->limits->threads ?? PHP_INT_MAX) >= $has),
            );
    }

    private function soft(OnArea $on): ?Finding
    {
        $soft = $on->artwork->facts->soft;

        // On a ground of its own there is colour under it.
        return $on->method->limits->soft || $soft <= self::LITTLE || $on->laid->ground !== null
            ? null
            : $on->finding(
                FindingKind::Soft,
                Severity::Look,
                sprintf('%d%% of it is half transparent.', intdiv($soft, 10)),
                $on->method->name.' prints that as grey or as dots.',
                mend: $this->otherMethod($on, static fn (PrintMethod $m): bool => $m->limits->soft),
            );
    }

    private function reach(OnArea $on): ?Finding
    {
        $reach = $on->method->limits->reach;
        $beyond = $reach === null ? 0 : ClothContrast::beyond($on->artwork->facts, $reach);

        return $beyond <= self::LITTLE
            ? null
            : $on->finding(
                FindingKind::Reach,
                Severity::Look,
                sprintf('%d%% of it is in colours that come out muted.', intdiv($beyond, 10)),
                sprintf('%s reaches a chroma of %d; these are stronger.', $on->method->name, (int) $reach),
                mend: $this->otherMethod(
                    $on,
                    static fn (PrintMethod $m): bool => $m->limits->reach === null ||
                        ClothContrast::beyond($on->artwork->facts, $m->limits->reach) <= self::LITTLE,
                ),
            );
    }

    private function ground(Placing $placing, Laid $laid, PrintMethod $method): ?Finding
    {
        $reach = $method->limits->reach;

        return $laid->ground === null || $reach === null || Lab::ofHex($laid->ground)->chroma() <= $reach ? null : new Finding(
            FindingKind::Reach,
            Severity::Look,
            $laid->area,
            'Its ground comes out muted.',
            sprintf('%s reaches a chroma of %d; this colour is stronger.', $method->name, $reach),
            mend: new Mend('Leave the ground out', $placing->laying($laid->onGround(null))),
        );
    }

    /** What reaches an edge that is cut has to go on beyond it. */
    private function bleed(Placing $placing, Laid $laid, PrintArea $area): ?Finding
    {
        // A ground is printed beyond the edge by itself.
        if ($area->bleed === 0 || $laid->ground !== null) {
            return null;
        }
        [$wide, $high, $over] = [10 * $area->width, 10 * $area->height, 10 * $area->bleed];
        foreach ($laid->pieces as $n => $piece) {
            $artwork = $this->artworks[$piece->artwork] ?? null;
            $box = $artwork === null || $piece->repeat ? null : $piece->box($artwork->facts, $wide);
            if ($box === null || $artwork === null || ! $box->covers($wide, $high) || $box->covers($wide, $high, $over)) {
                continue;
            }
            $filling = Fit::fill($piece, $artwork->facts, $area);

            return new Finding(
                FindingKind::Bleed,
                Severity::Stops,
                $laid->area,
                'It ends at the edge.',
                sprintf('The sheet is cut there; it has to go on for %d mm, or a white line may be left.', $area->bleed),
                mend: new Mend('Let it go on beyond', $placing->laying($laid->with(pieces: [$n => $filling]))),
            );
        }

        return null;
    }

    /** @param  callable(PrintMethod): bool  $holds */
    private function otherMethod(OnArea $on, callable $holds): ?Mend
    {
        foreach ($this->blank->methods as $method) {
            if ($method->code !== $on->method->code && in_array($on->area->code, $method->areas, true) && $holds($method)) {
                return new Mend(
                    'Use '.mb_strtolower($method->name),
                    $on->placing->laying($on->laid->with(method: $method->code)),
                );
            }
        }

        return null;
    }
}
