<?php

declare(strict_types=1);

namespace WindowStall\Support\Console;

use ReflectionClass;
use ReflectionNamedType;
use ReflectionParameter;
use ReflectionUnionType;
use Symfony\Component\Finder\Finder;

/**
 * Reads the constructors of all …View classes and gives one TypeScript type for each. List and map shapes come from
 * their @param tags.
 */
final class ViewTypes
{
    private const HEAD = "// Written by `php artisan types` from the …View classes. Don't edit.\n";

    /** @return array<string, string> area, in lower case → the types of its views, with those of other areas imported */
    public function write(string $folder): array
    {
        [$areas, $types] = [[], []];
        foreach ((new Finder())->in($folder)->files()->name('*View.php')->sortByName() as $file) {
            $class = 'WindowStall\\'.str_replace(['/', '.php'], ['\\', ''], $file->getRelativePathname());
            if (class_exists($class)) {
                $name = (new ReflectionClass($class))->getShortName();
                isset($areas[$name]) && throw new \LogicException($class.' has a name that is taken.');
                $areas[$name] = strtolower(explode('/', $file->getRelativePathname())[0]);
                $types[$areas[$name]][] = $this->type(new ReflectionClass($class));
            }
        }

        $written = [];
        foreach ($types as $area => $ofArea) {
            $written[$area] = self::HEAD.self::imports($ofArea, $area, $areas).implode('', $ofArea);
        }

        return $written;
    }

    /**
     * @param  list<string>  $types  of one area
     * @param  array<string, string>  $areas  view → area
     */
    private static function imports(array $types, string $area, array $areas): string
    {
        preg_match_all('/\b\w+View\b/', implode('', $types), $named);
        $from = [];
        foreach (array_unique($named[0]) as $name) {
            if (isset($areas[$name]) && $areas[$name] !== $area) {
                $from[$areas[$name]][] = $name;
            }
        }
        ksort($from);
        $out = '';
        foreach ($from as $other => $names) {
            sort($names);
            $out .= sprintf("\nimport type { %s } from './%s';", implode(', ', $names), $other);
        }

        return $out === '' ? '' : $out."\n";
    }

    /** @param  ReflectionClass<object>  $class */
    private function type(ReflectionClass $class): string
    {
        $constructor = $class->getConstructor();
        $doc = (string) $constructor?->getDocComment();
        $out = "\nexport interface ".$class->getShortName()." {\n";
        foreach ($constructor?->getParameters() ?? [] as $parameter) {
            $tag =
                preg_match(
                    '/@param\s+((?:list|array)<[^$]*>)(?:\|null)?\s+\$'.$parameter->getName().'\b/',
                    $doc,
                    $m,
                ) === 1
                    ? $m[1]
                    : null;
            $out .= '  '.$parameter->getName().': '.$this->shape($parameter, $tag).";\n";
        }

        return $out."}\n";
    }

    private function shape(ReflectionParameter $parameter, ?string $tag): string
    {
        $type = $parameter->getType();
        if ($type instanceof ReflectionNamedType && $type->getName() === 'array') {
            return $this->documented(
                $tag ??
                    throw new \LogicException(
                        sprintf(
                            '%s::$%s needs a @param with its shape.',
                            $parameter->getDeclaringClass()?->getName(),
                            $parameter->getName(),
                        ),
                    ),
            ).($type->allowsNull() ? ' | null' : '');
        }
        if ($type instanceof ReflectionNamedType) {
            return $this->scalar($type->getName()).
                ($type->allowsNull() && $type->getName() !== 'mixed' ? ' | null' : '');
        }

        return $type instanceof ReflectionUnionType
            ? implode(
                ' | ',
                array_map(
                    fn (\ReflectionIntersectionType|ReflectionNamedType $t): string => $t instanceof ReflectionNamedType
                        ? $this->scalar($t->getName())
                        : 'unknown',
                    $type->getTypes(),
                ),
            )
            : 'unknown';
    }

    private function documented(string $tag): string
    {
        if (preg_match('/^list<(.+)>$/', $tag, $m) === 1) {
            $inner = $this->union($m[1]);

            return str_contains($inner, ' | ') ? '('.$inner.')[]' : $inner.'[]';
        }
        if (preg_match('/^array<string,\s*(.+)>$/', $tag, $m) === 1) {
            return 'Record<string, '.$this->union($m[1]).'>';
        }
        if (preg_match('/^array<int,\s*(.+)>$/', $tag, $m) === 1) {
            return 'Record<number, '.$this->union($m[1]).'>';
        }
        throw new \LogicException('The shape '.$tag.' is one this writer doesn’t know.');
    }

    /** "string|null", or a list or map within. */
    private function union(string $inner): string
    {
        return preg_match('/^(?:list|array)</', $inner) === 1
            ? $this->documented($inner)
            : implode(' | ', array_map($this->scalar(...), explode('|', $inner)));
    }

    private function scalar(string $name): string
    {
        return match ($name) {
            'int', 'float' => 'number',
            'string' => 'string',
            'bool' => 'boolean',
            'mixed' => 'unknown',
            'null' => 'null',
            default => basename(str_replace('\\', '/', $name)),
        };
    }
}
