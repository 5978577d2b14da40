<section class="row film tone-{{ $settings['tone'] }}">
@if ($settings['heading'] !== '')<h2{!! $edit('heading') !!}>{{ $settings['heading'] }}</h2>@endif
@if ($film)
<video src="{{ $film }}" controls playsinline preload="none"
    @if ($poster) poster="{{ WindowStall\Support\Pictures\PictureSizes::url($poster->path, 1200) }}" @endif
    @if ($settings['words'] !== '')aria-label="{{ $settings['words'] }}"@endif></video>
@endif
@if ($settings['words'] !== '')<p class="caption"{!! $edit('words') !!}>{{ $settings['words'] }}</p>@endif
</section>
