@php
    $kind = $section->kind->key();
    // In the galley, words are typed where they stand.
    $edit = static fn (string $field): string => $galley ? ' data-words="'.$field.'"' : '';
    $classes = ['sec', 'sec-'.$kind, 'on-'.$showing->on];
    if ($showing->half !== '' && ! $section->kind->always()) { $classes[] = 'half-'.$showing->half; }
    if ($away) { $classes[] = 'away'; }
    if ($kind === 'masthead') { $classes[] = 'stays-'.$settings['stays']; $classes[] = 'over-'.$settings['over']; }
@endphp
<div class="{{ implode(' ', $classes) }}" data-section="{{ $section->id }}" id="{{ $section->id }}">
@include('shop::sections.'.$kind)
</div>
