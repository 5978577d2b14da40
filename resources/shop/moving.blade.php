<div class="shot moving"><video src="{{ $film }}" controls playsinline preload="none"
    @if ($poster) poster="{{ WindowStall\Support\Pictures\PictureSizes::url($poster->path, 1200) }}" @endif
    @if ($settings['shows'] !== '')aria-label="{{ $settings['shows'] }}"@endif></video></div>
