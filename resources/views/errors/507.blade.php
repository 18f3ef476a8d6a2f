@extends('errors.minimal')
@section('title', __('errors.507.title'))
@section('message', __('errors.507.says'))
@section('again', '5')
