<section class="writing tone-{{ $settings['tone'] }}">
<div class="writing-words">{!! $settings['words'] !!}</div>
</section>
