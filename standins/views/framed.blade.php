@extends('standins::layout', ['title' => 'Test payment', 'about' => ''])
@section('alone', true)
@section('main')
<style>body{background:#fff}main{padding:0}.card{border:0;margin:0 auto!important}</style>
@include('standins::fields')
@endsection
