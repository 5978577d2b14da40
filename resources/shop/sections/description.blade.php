<div class="words">{!! $good->words !!}</div>
