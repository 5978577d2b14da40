@php($longest = max(array_map(mb_strlen(...), preg_split('/[\s-]+/u', $words) ?: [''])))
<span{!! $edit('words') !!}@if ($longest > 9) class="fitted" style="--longest:{{ $longest }}"@endif>{{ $words }}</span>
